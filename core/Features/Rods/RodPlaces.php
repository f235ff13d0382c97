<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Rods;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\CharacteristicRows;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Message;

/** The connecting rods, new ones as well as used (ROD-1 to ROD-4). */
final readonly class RodPlaces
{
    /** Where a big end is read: at both edges, along the rod and across it. */
    public const BIG_END = ['front.0', 'front.90', 'rear.0', 'rear.90'];

    /** @return list<CharacteristicTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $spec = $sheet->rods;
        $rods = new CharacteristicRows($sheet->layout->cylinders());
        $bigEnd = CharacteristicRows::middle($spec->bigEnd);
        $smallEnd = CharacteristicRows::middle($spec->smallEnd);

        return [
            new CharacteristicTable(
                new Message('places.table.rods'),
                $rods->columns(),
                [
                    $rods->needed('0', RodFeature::BigEnd, self::BIG_END[0], $bigEnd, 'big_end_front'),
                    $rods->needed('90', RodFeature::BigEnd, self::BIG_END[1], $bigEnd),
                    $rods->needed('0', RodFeature::BigEnd, self::BIG_END[2], $bigEnd, 'big_end_rear'),
                    $rods->needed('90', RodFeature::BigEnd, self::BIG_END[3], $bigEnd),
                    $rods->needed('0', RodFeature::SmallEnd, '0', $smallEnd, 'small_end_of_rod'),
                    $rods->needed('90', RodFeature::SmallEnd, '90', $smallEnd),
                    $rods->needed('centres', RodFeature::Centres, '', CharacteristicRows::middle($spec->centreDistance), 'straight'),
                    $rods->needed('bend', RodFeature::Bend),
                    $rods->needed('twist', RodFeature::Twist),
                    $rods->needed('big_end', RodFeature::BigEndMass, '', null, 'weight'),
                    $rods->needed('small_end', RodFeature::SmallEndMass),
                    $rods->optional('or_whole_rod', RodFeature::RodMass),
                ],
                [],
                $rods->subjects('rod'),
                [Criterion::BigEndOutOfRound, Criterion::BigEndTaper],
            ),
        ];
    }
}
