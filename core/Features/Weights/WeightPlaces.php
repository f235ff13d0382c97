<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** What goes on the scale beside the rods: each piece by itself, so that the best can be put together (BAL-1). */
final readonly class WeightPlaces
{
    /** By kind: its feature, and what it is called. */
    public const KINDS = [
        'pistons' => WeightFeature::PistonWeight,
        'pins' => WeightFeature::PinMass,
        'rings' => WeightFeature::RingMass,
        'locks' => WeightFeature::LockMass,
    ];

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $sets = new CharacteristicRows($sheet->layout->cylinders());

        return [
            new CharacteristicTable(
                new Message('places.table.weights'),
                $sets->columns(),
                array_map(
                    static fn (string $kind, Feature $feature): CharacteristicRow => $sets->needed($kind, $feature),
                    array_keys(self::KINDS),
                    array_values(self::KINDS),
                ),
            ),
        ];
    }
}
