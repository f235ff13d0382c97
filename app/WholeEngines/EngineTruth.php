<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Drawings\NoTruth;
use App\Drawings\Truth;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use Illuminate\Contracts\Foundation\Application;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** A simulated engine as it is, for whoever has judged it (PRAC-2). */
final readonly class EngineTruth implements Truth
{
    private function __construct(private EngineBench $bench)
    {
    }

    /** Of the engine whose sheets are asked for; nobody is told before he has said what it comes to. */
    public static function asked(Application $app): Truth
    {
        $row = $app->make('request')->attributes->get(PracticeEngine::class);

        return $row instanceof PracticeEngine && $row->isAnswered()
            ? new self(EngineBench::of($row, $app->make(SpecBook::class), $app->make(PolicyBook::class)))
            : new NoTruth();
    }

    public function at(Section $section, Place $place): ?Length
    {
        return $this->bench->length(SheetName::of($section), $place);
    }

    public function inspection(): EngineInspection
    {
        return $this->bench->engine->truth();
    }

    public function isKnown(): bool
    {
        return true;
    }
}
