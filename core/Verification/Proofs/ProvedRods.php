<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Rods\RodJudge;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** Rods that were resized, rebushed, straightened or lightened, and the weights of the set afterwards (ROD). */
final readonly class ProvedRods implements Proving
{
    private const SMALL_END = ['0', '90'];

    /** After each of them a rod weighs something else. */
    private const WORK = [
        OperationKind::Resize,
        OperationKind::Rebush,
        OperationKind::StraightenRod,
        OperationKind::LightenRod,
        OperationKind::NewRod,
    ];

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        $works = array_merge(...array_map($order->ofKind(...), self::WORK));
        $proofs = array_map(
            static fn (Operation $work): ?Proof => match ($work->kind) {
                OperationKind::Resize => self::resized($work),
                OperationKind::Rebush => self::rebushed($work),
                OperationKind::StraightenRod => self::straightened($work),
                default => null,
            },
            $works,
        );
        $isWeighed = $works !== [] && $order->has(OperationKind::RodWeights->value);

        return array_values(array_filter([...$proofs, $isWeighed ? self::weights($works) : null]));
    }

    private static function resized(Operation $work): Proof
    {
        $places = RodJudge::bigEnd((int) $work->place);

        return self::proof(
            $work,
            [Criterion::BigEnd, Criterion::BigEndOutOfRound, Criterion::BigEndTaper],
            $places,
            [OrderedCondition::CapsTorqued, OrderedCondition::Cooled, OrderedCondition::Clean],
            $work->target === null ? null : OrderedSize::ofBore($work->target, $places),
        );
    }

    private static function rebushed(Operation $work): Proof
    {
        $places = array_map(static fn (string $spot): Place => Place::at(RodFeature::SmallEnd, (int) $work->place, $spot), self::SMALL_END);

        return self::proof(
            $work,
            [Criterion::SmallEnd, Criterion::CentreDistance],
            [...$places, Place::at(RodFeature::Centres, (int) $work->place)],
            [OrderedCondition::Cooled, OrderedCondition::Clean],
            $work->target === null ? null : OrderedSize::ofBore($work->target, $places),
        );
    }

    private static function straightened(Operation $work): Proof
    {
        return self::proof(
            $work,
            [Criterion::Bend, Criterion::Twist],
            [Place::at(RodFeature::Bend, (int) $work->place), Place::at(RodFeature::Twist, (int) $work->place)],
        );
    }

    /**
     * @param  list<Criterion>  $criteria
     * @param  list<Place>  $places
     * @param  list<OrderedCondition>  $conditions
     */
    private static function proof(Operation $work, array $criteria, array $places, array $conditions = [], ?OrderedSize $size = null): Proof
    {
        return new Proof(
            Section::Rods,
            EnginePart::Rods,
            Subject::rod((int) $work->place),
            [$work->key() => $criteria],
            $places,
            $conditions,
            $size,
        );
    }

    /**
     * Rods that nothing was done to weigh what they weighed.
     *
     * @param  list<Operation>  $works
     */
    private static function weights(array $works): Proof
    {
        $rods = array_values(array_unique(array_map(static fn (Operation $work): int => (int) $work->place, $works)));
        sort($rods);

        return new Proof(
            Section::Rods,
            EnginePart::Rods,
            Subject::the('rods'),
            [OperationKind::RodWeights->value => [Criterion::WeightSpread]] +
                array_fill_keys(array_map(static fn (Operation $work): string => $work->key(), $works), []),
            array_merge(
                ...array_map(
                    static fn (int $rod): array => [Place::at(RodFeature::BigEndMass, $rod), Place::at(RodFeature::SmallEndMass, $rod)],
                    $rods,
                ),
            ),
            gone: array_map(static fn (int $rod): Place => Place::at(RodFeature::RodMass, $rod), $rods),
        );
    }
}
