<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Record\JobFile;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Words\Line;
use App\Words\Messages;
use NorthLedger\Core\Features\Cracks\CheckRun;
use NorthLedger\Core\Features\Cracks\Indication;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Simulation\CrackSight;

/** What a simulated engine shows in a crack check that is read now. */
final class WhatIsSeen
{
    /** Empty before there is anything to be seen. */
    public static function at(JobFile $file, string $run): string
    {
        $row = request()->attributes->get(PracticeEngine::class);
        foreach ($row instanceof PracticeEngine ? $file->record->cracks()->runs : [] as $one) {
            if ($one->id === $run && $one->next()?->kind === StepKind::Read) {
                return self::of($file, $one, EngineBench::of($row, app(SpecBook::class), app(PolicyBook::class))->engine->sight);
            }
        }

        return '';
    }

    private static function of(JobFile $file, CheckRun $run, ?CrackSight $sight): string
    {
        if ($run->retestOf !== null) {
            $comesBack = $sight !== null && self::isOf($file->record->cracks()->indication($run->retestOf), $sight);

            return Line::of($comesBack && $sight->look(true) !== Look::None ? 'practice.engine.line_back' : 'practice.engine.line_gone');
        }

        return $sight === null || $sight->location->part() !== $run->part || ! $run->method->seesTheSurfaceOnly()
            ? Line::of('practice.engine.no_line')
            : Line::of('practice.engine.line', ['where' => Messages::text($sight->location->message())]);
    }

    private static function isOf(?Indication $one, CrackSight $sight): bool
    {
        return $one !== null &&
            $one->location->face === $sight->location->face &&
            $one->location->zone === $sight->location->zone &&
            $one->location->cylinder === $sight->location->cylinder;
    }
}
