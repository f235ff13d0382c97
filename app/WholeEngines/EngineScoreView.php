<?php

declare(strict_types=1);

namespace App\WholeEngines;

use App\Practice\PracticeWords;
use App\Record\LookCodes;
use App\Words\Line;
use App\Words\Messages;
use App\Words\OptionWords;
use App\Words\PlaceName;
use App\Words\VerdictWords;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Practice\EngineAnswer;
use NorthLedger\Core\Practice\EngineScore;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** How somebody judged a simulated engine, and what it is, in words. */
final readonly class EngineScoreView
{
    /**
     * @param  list<array{name: string, said: string, is: string, isRight: bool}>  $parts
     * @param  list<array{points: string, words: string}>  $lost
     * @param  list<array{place: string, read: string, is: string}>  $misread
     * @param  list<array{place: string, is: string}>  $worn  What was wrong with it
     */
    private function __construct(
        public int $points,
        public string $minutes,
        public string $way,
        public array $parts,
        public array $lost,
        public array $misread,
        public array $worn,
        public string $sight,
    ) {
    }

    /** Null while nobody has said what it comes to. */
    public static function of(EngineBench $bench): ?self
    {
        $row = $bench->row;
        if ($row->answered_at === null) {
            return null;
        }
        $scorer = new EngineScorer($bench);
        $said = array_map(PartVerdict::from(...), $row->stated ?? []);
        $score = $scorer->score(new EngineAnswer($said, (string) $row->way));
        $minutes = max(1, (int) ceil($row->created_at->diffInSeconds($row->answered_at) / 60));

        return new self(
            $score->points(),
            Line::counted('practice.engine.in_minutes', $minutes),
            self::way($bench, $score),
            self::parts($bench, $score, $said),
            PracticeWords::lost($score->deductions),
            array_map(
                fn (MisreadPlace $one): array => [
                    'place' => PlaceName::of($one->place),
                    'read' => self::value($bench, $one->place, $one->read),
                    'is' => self::value($bench, $one->place, $one->is),
                ],
                $scorer->misread(),
            ),
            self::worn($bench),
            self::sight($bench),
        );
    }

    private static function way(EngineBench $bench, EngineScore $score): string
    {
        $words = new OptionWords(LengthDisplay::in($bench->sheet->unit), $bench->sheet->cylinders);
        $costs = $score->costsMore === null || $score->costsMore->minor <= 0
            ? ''
            : Line::of('practice.block.costs', ['more' => VerdictWords::money($score->costsMore->minor)]);

        return $score->right === null
            ? Line::of('practice.engine.no_way')
            : Line::of($score->isWayRight ? 'practice.engine.way_right' : 'practice.engine.way_wrong', [
                'way' => $words->option($score->right),
            ]).$costs;
    }

    /**
     * @param  array<string, PartVerdict>  $said
     * @return list<array{name: string, said: string, is: string, isRight: bool}>
     */
    private static function parts(EngineBench $bench, EngineScore $score, array $said): array
    {
        $lines = [];
        foreach (EnginePage::parts($bench) as $part => $name) {
            $is = $score->parts[$part];
            $lines[] = [
                'name' => $name,
                'said' => Line::ofCode('practice.engine.verdict', $said[$part] ?? PartVerdict::NotYetKnown),
                'is' => Line::ofCode('practice.engine.verdict', $is),
                'isRight' => ($said[$part] ?? null) === $is,
            ];
        }

        return $lines;
    }

    /** @return list<array{place: string, is: string}> */
    private static function worn(EngineBench $bench): array
    {
        $worn = [];
        foreach ($bench->engine->parts->worn as $key => $value) {
            $place = Place::parse($key);
            $worn[] = [
                'place' => PlaceName::of($place),
                'is' => self::value($bench, $place, is_string($value) ? $value : Length::ofNanometres($value)),
            ];
        }

        return $worn;
    }

    private static function sight(EngineBench $bench): string
    {
        $sight = $bench->engine->sight;

        return $sight === null
            ? ''
            : Line::of($sight->isCrack ? 'practice.engine.was_a_crack' : 'practice.engine.was_an_edge', [
                'where' => Messages::text($sight->location->message()),
            ]);
    }

    private static function value(EngineBench $bench, Place $place, Length|string $value): string
    {
        return $value instanceof Length
            ? LengthDisplay::in($bench->sheet->unit)->sizeWithUnit($value)
            : LookCodes::shown($place->feature, $value);
    }
}
