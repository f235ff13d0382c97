<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Inspection\PlanRow;
use NorthLedger\Core\Inspection\PlanRows;
use NorthLedger\Core\Inspection\PlanTable;

/** What goes on the scale beside the rods: each piece by itself, so that the best can be put together (BAL-1). */
final readonly class WeightPlan
{
    /** By kind: its feature, and what it is called. */
    public const KINDS = ['pistons' => WeightFeature::PistonWeight, 'pins' => WeightFeature::PinMass, 'rings' => WeightFeature::RingMass, 'locks' => WeightFeature::LockMass];

    /** @return list<PlanTable> */
    public static function tables(SpecificationSheet $sheet): array
    {
        $sets = new PlanRows($sheet->layout->cylinders());

        return [new PlanTable('On the scale, in grams', $sets->columns(), array_map(
            static fn (string $kind, Feature $feature): PlanRow => $sets->needed($kind, $feature), array_keys(self::KINDS), array_values(self::KINDS),
        ))];
    }
}
