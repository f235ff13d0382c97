<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Features\Heads\ValvePlaces;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** Guides and seats, of a head or of the block, and all of another head, valve by valve (VALVE-1 to VALVE-3). */
final readonly class ProvedValves implements Proving
{
    private const GUIDES = [OperationKind::Guides, OperationKind::BlockGuides];

    private const SEATS = [OperationKind::Seats, OperationKind::BlockSeats];

    private const OF_GUIDES = [
        'criteria' => [Criterion::GuideHeight, Criterion::StemClearance, Criterion::ValveDrop],
        'places' => [ValveFeature::GuideHeight, ValveFeature::Guide, ValveFeature::Drop],
    ];

    private const OF_SEATS = [
        'criteria' => [Criterion::SeatAngles, Criterion::SeatWidth, Criterion::SeatRunOut, Criterion::Vacuum],
        'places' => [ValveFeature::SeatAngle, ValveFeature::SeatWidth, ValveFeature::SeatRunOut, ValveFeature::Vacuum],
    ];

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        $works = [
            ...array_merge(...array_map($order->ofKind(...), self::GUIDES)),
            ...array_merge(...array_map($order->ofKind(...), self::SEATS)),
        ];

        return [
            ...array_map(static fn (Operation $work): Proof => self::valve($work, $sheet), $works),
            ...array_merge(
                ...array_map(
                    static fn (Operation $new): array => self::another($new, $sheet),
                    $order->ofKind(OperationKind::NewHead),
                ),
            ),
        ];
    }

    /** @return list<Proof> Of a head that goes in for another: every valve in it, its own stems too; nothing of the old one counts */
    private static function another(Operation $new, SpecificationSheet $sheet): array
    {
        $cylinders = $sheet->layout->banks[(int) $new->place - 1] ?? [];
        $valves = array_filter(
            ValvePlaces::valves($sheet),
            static fn (array $valve): bool => in_array($valve[0], $cylinders, true) &&
                ValvePlaces::part($sheet, $valve[1]) === EnginePart::Head,
        );

        return array_values(
            array_map(static function (array $valve) use ($new): Proof {
                $at = static fn (ValveFeature $feature): Place => Place::at($feature, $valve[0], $valve[1]);

                return new Proof(
                    Section::Heads,
                    EnginePart::Head,
                    ValvePlaces::subject(...$valve),
                    [$new->key() => [...self::OF_GUIDES['criteria'], ...self::OF_SEATS['criteria']]],
                    array_map($at, [...self::OF_GUIDES['places'], ValveFeature::Stem, ...self::OF_SEATS['places']]),
                    [OrderedCondition::Cooled, OrderedCondition::Clean],
                    gone: [$at(ValveFeature::SeatFace)],
                );
            }, $valves),
        );
    }

    private static function valve(Operation $work, SpecificationSheet $sheet): Proof
    {
        [$cylinder, $spot] = explode('.', $work->place, 2);
        $proved = in_array($work->kind, self::GUIDES, true) ? self::OF_GUIDES : self::OF_SEATS;

        return new Proof(
            Section::Heads,
            ValvePlaces::part($sheet, $spot),
            ValvePlaces::subject((int) $cylinder, $spot),
            [$work->key() => $proved['criteria']],
            array_map(static fn (ValveFeature $feature): Place => Place::at($feature, (int) $cylinder, $spot), $proved['places']),
            [OrderedCondition::Cooled, OrderedCondition::Clean],
        );
    }
}
