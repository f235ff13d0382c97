<?php

declare(strict_types=1);

namespace App\Stages\Judge;

use App\Record\JobFile;
use App\Record\SheetEntries;
use App\Storage\SheetName;
use App\Words\Line;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\PistonAssignment;
use NorthLedger\Core\Quantity\MassNotation;

/** The pistons as they go in: clearance and weight by cylinder, and the assignment that evens the clearances out. */
final readonly class PistonTable
{
    /**
     * @param  list<array{cylinder: int, piston: int, clearance: string, weight: string}>  $rows
     * @param  array<int, int>  $proposed  Piston by cylinder; empty where it would not be more even
     */
    private function __construct(public array $rows, public string $weights, public array $proposed, public string $proposal)
    {
    }

    /** Null until every bore and every piston is measured. */
    public static function of(JobFile $file): ?self
    {
        $entries = $file->record->entries(SheetName::bores());
        $bores = $pistons = $assigned = [];
        foreach ($file->assessment()->bores as $bore) {
            $size = $bore->measures->size();
            $piston = $entries->reading(BorePlace::piston($bore->cylinder()), $file->sheet, $file->policy);
            if ($size === null || $piston === null) {
                return null;
            }
            $bores[$bore->cylinder()] = $size;
            $pistons[$bore->cylinder()] = $piston->corrected;
            $assigned[$bore->cylinder()] = $entries->bores()->pistonOf($bore->cylinder());
        }
        $now = PistonAssignment::of($bores, $pistons, $assigned);
        $best = PistonAssignment::mostEven($bores, $pistons);
        $isBetter = $best->spread()->isSmallerThan($now->spread());
        $display = $file->display;

        return new self(
            array_map(
                static fn (JudgedBore $bore): array => [
                    'cylinder' => $bore->cylinder(),
                    'piston' => $assigned[$bore->cylinder()],
                    'clearance' => $display->magnitude($now->clearances[$bore->cylinder()]).' '.$display->deviationUnit(),
                    'weight' => self::weight($entries->bores()->pistonWeight($assigned[$bore->cylinder()])),
                ],
                $file->assessment()->bores,
            ),
            self::weights($file, $entries),
            $isBetter ? $best->pistons : [],
            $isBetter
                ? Line::of('judge.pistons.better', [
                    'now' => $display->magnitudeWithUnit($now->spread()),
                    'best' => $display->magnitudeWithUnit($best->spread()),
                    'moves' => self::said($best->pistons),
                ])
                : '',
        );
    }

    private static function weight(?int $micrograms): string
    {
        return $micrograms === null ? Line::of('judge.pistons.not_weighed') : MassNotation::grams($micrograms).' g';
    }

    private static function weights(JobFile $file, SheetEntries $entries): string
    {
        $weights = array_filter(
            array_map($entries->bores()->pistonWeight(...), $file->sheet->layout->cylinders()),
            static fn (?int $one): bool => $one !== null,
        );

        return count($weights) < 2
            ? ''
            : Line::of('judge.pistons.weights', ['mass' => MassNotation::grams(max($weights) - min($weights))]);
    }

    /** @param  array<int, int>  $pistons */
    private static function said(array $pistons): string
    {
        $moved = array_filter($pistons, static fn (int $piston, int $cylinder): bool => $piston !== $cylinder, ARRAY_FILTER_USE_BOTH);

        return implode(
            ', ',
            array_map(
                static fn (int $piston, int $cylinder): string => Line::of('judge.pistons.into', [
                    'piston' => $piston,
                    'cylinder' => $cylinder,
                ]),
                $moved,
                array_keys($moved),
            ),
        );
    }
}
