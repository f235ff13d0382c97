<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** New pistons come with pins, rings and locks of their own: what the old ones weighed matches nothing any more (BAL-1). */
final readonly class ProvedWeights implements Proving
{
    private const WITH_A_PISTON = [WeightFeature::PinMass, WeightFeature::RingMass, WeightFeature::LockMass];

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        if (! $order->has(OperationKind::PistonWeights->value)) {
            return [];
        }
        $each = static fn (Feature $feature): array => array_map(
            static fn (int $cylinder): Place => Place::at($feature, $cylinder),
            $sheet->layout->cylinders(),
        );
        $others = array_merge(...array_map($each, self::WITH_A_PISTON));

        return [
            new Proof(
                Section::Weights,
                EnginePart::Block,
                Subject::the('pistons'),
                [OperationKind::PistonWeights->value => []],
                $each(WeightFeature::PistonWeight),
                gone: $others,
                optional: $others,
            ),
        ];
    }
}
