<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Storage\Job;
use App\Words\EnginePartName;
use App\Words\Line;
use App\Words\OptionWords;
use Illuminate\Http\Request;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\LengthDisplay;

/** A simulated engine on its way to a verdict, or judged and laid beside its truth, ready to show. */
final readonly class EnginePage
{
    /**
     * @param  string  $sheets  Address of its sheets; empty where this house has none
     * @param  array<string, string>  $parts  Names, by part
     * @param  array<string, string>  $verdicts  What can be said of a part, by code
     * @param  array<string, string>  $ways  What can be done to the bores, by key
     * @param  ?EngineScoreView  $score  Null while it is not judged
     */
    private function __construct(
        public string $ulid,
        public string $title,
        public string $difficulty,
        public int $seed,
        public string $sheets,
        public array $parts,
        public array $verdicts,
        public array $ways,
        public ?EngineScoreView $score,
    ) {
    }

    public static function of(EngineBench $bench, Request $request): self
    {
        $row = $bench->row;

        return new self(
            $row->ulid,
            Line::of('practice.engine.title', ['family' => $bench->sheet->name]),
            Line::ofCode('practice.difficulty', $row->difficulty),
            $row->seed,
            PracticeHouse::url($request, '/jobs/'.Job::tagOf($row->job_id).($row->isAnswered() ? '/measure' : '/receive')),
            self::parts($bench),
            self::verdicts(),
            self::ways($bench),
            EngineScoreView::of($bench),
        );
    }

    /** @return array<string, string> */
    public static function parts(EngineBench $bench): array
    {
        $parts = [];
        foreach (array_keys($bench->engine->verdicts()) as $part) {
            $parts[$part] = ucfirst(EnginePartName::of($bench->sheet, EnginePart::from($part)));
        }

        return $parts;
    }

    /** @return array<string, string> */
    private static function verdicts(): array
    {
        $verdicts = [];
        foreach ([PartVerdict::Serviceable, PartVerdict::Recondition, PartVerdict::Repair, PartVerdict::Scrap] as $verdict) {
            $verdicts[$verdict->value] = Line::ofCode('practice.engine.verdict', $verdict);
        }

        return $verdicts;
    }

    /** @return array<string, string> */
    private static function ways(EngineBench $bench): array
    {
        $words = new OptionWords(LengthDisplay::in($bench->sheet->unit), $bench->sheet->cylinders);
        $ways = [];
        foreach ($bench->engine->truth()->bores()->plan->options ?? [] as $option) {
            $ways[$option->key()] = $words->option($option);
        }

        return $ways;
    }
}
