<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Heads;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveSpec;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;

/** Guides, valves and seats, one column for each valve; and the lifters where they run in the head (VALVE-1 to VALVE-4). */
final readonly class ValvePlaces
{
    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        return [self::ofKind($sheet, 'in'), self::ofKind($sheet, 'ex')];
    }

    /** The subject of a valve's findings: “Cylinder 3, intake”. */
    public static function subject(int $cylinder, string $spot): Subject
    {
        return Subject::of("valve.{$cylinder}.{$spot}", new Message("places.subject.valve_{$spot}", ['number' => $cylinder]));
    }

    private static function ofKind(SpecificationSheet $sheet, string $kind): CharacteristicTable
    {
        $valves = array_values(array_filter(self::valves($sheet), static fn (array $valve): bool => str_starts_with($valve[1], $kind)));
        $row = static fn (string $group, string $label, Feature $feature): CharacteristicRow => new CharacteristicRow(
            $group === '' ? '' : new Message("places.row.{$group}"),
            new Message("places.row.{$label}"),
            array_map(
                static fn (array $valve): Characteristic => $feature === ValveFeature::SeatFace
                    ? Characteristic::optional(Place::at($feature, $valve[0], $valve[1]))
                    : Characteristic::needed(
                        Place::at($feature, $valve[0], $valve[1]),
                        self::nominal(self::spec($sheet, $valve[1]), $feature),
                    ),
                $valves,
            ),
        );

        return new CharacteristicTable(
            new Message("places.table.valves_{$kind}"),
            array_map(static fn (array $valve): string => trim($valve[0].' '.ltrim($valve[1], 'inex')), $valves),
            [
                $row('guide', 'height', ValveFeature::GuideHeight),
                $row('', 'widest_bore', ValveFeature::Guide),
                $row('', 'valve_stem', ValveFeature::Stem),
                $row('', 'drops', ValveFeature::Drop),
                $row('seat', 'face', ValveFeature::SeatFace),
                $row('', 'angles', ValveFeature::SeatAngle),
                $row('', 'width', ValveFeature::SeatWidth),
                $row('', 'run_out', ValveFeature::SeatRunOut),
                $row('', 'vacuum', ValveFeature::Vacuum),
            ],
            [],
            array_map(static fn (array $valve): string => self::subject(...$valve)->code, $valves),
            [Criterion::StemClearance],
        );
    }

    /** @return list<array{int, string}> Cylinder and spot of each valve: “in”, “ex”, or “in1”, “in2” where there are two of a kind */
    public static function valves(SpecificationSheet $sheet): array
    {
        $valves = [];
        foreach ($sheet->layout->cylinders() as $cylinder) {
            foreach (['in' => $sheet->intake, 'ex' => $sheet->exhaust] as $kind => $spec) {
                $each = intdiv($spec->count, count($sheet->layout->cylinders()));
                for ($one = 1; $one <= $each; $one++) {
                    $valves[] = [$cylinder, $each === 1 ? $kind : $kind.$one];
                }
            }
        }

        return $valves;
    }

    public static function spec(SpecificationSheet $sheet, string $spot): ValveSpec
    {
        return str_starts_with($spot, 'in') ? $sheet->intake : $sheet->exhaust;
    }

    public static function part(SpecificationSheet $sheet, string $spot): EnginePart
    {
        return str_starts_with($spot, 'in') ? $sheet->intakePart() : $sheet->exhaustPart();
    }

    private static function nominal(ValveSpec $spec, Feature $feature): ?Length
    {
        return match ($feature) {
            ValveFeature::GuideHeight => CharacteristicRows::middle($spec->guideHeight),
            ValveFeature::Guide => CharacteristicRows::middle($spec->guide),
            ValveFeature::Stem => CharacteristicRows::middle($spec->stem),
            ValveFeature::SeatWidth => CharacteristicRows::middle($spec->seatWidth),
            default => null,
        };
    }
}
