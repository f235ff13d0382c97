<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/**
 * Faces that were cut: a straightedge over the whole of them and one as long as the span close them, not every height again; what is left,
 * whether pits are, and the finish (DECK).
 */
final readonly class ProvedFaces implements JudgingFinished
{
    private const CUTS = [FaceKind::Deck->value => OperationKind::Deck, FaceKind::Head->value => OperationKind::HeadFace];

    public function section(): Section
    {
        return Section::Deck;
    }

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return array_map(static fn (array $face): Proof => self::face($face[0], $face[1], $sheet), self::cut($order));
    }

    public function tables(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return array_map(
            static fn (array $face): CharacteristicTable => new CharacteristicTable(
                $face[0]->name($sheet, (int) $face[1]->place).', whole length',
                ['straightedge'],
                [
                    new CharacteristicRow('', 'thickest feeler', [
                        Characteristic::needed(Place::at($face[0]->straightedge(), (int) $face[1]->place)),
                    ]),
                ],
            ),
            self::cut($order),
        );
    }

    /** Flatness over the whole face, by the thickest feeler. */
    public function findings(WorkOrder $order, SpecificationSheet $sheet, ShopPolicy $policy, MeasuredSections $measured): array
    {
        return array_map(static function (array $face) use ($sheet, $policy, $measured): Finding {
            [$kind, $bank] = [$face[0], (int) $face[1]->place];
            $gate = new Gate(
                $kind->part(),
                $policy->finalRule,
                $measured->measurements(Section::Deck),
                'DECK-1',
                $kind->subject($sheet, $bank),
            );

            return $gate->reading(
                Criterion::Flatness,
                Place::at($kind->straightedge(), $bank),
                Limits::atMostLength($kind->spec($sheet)?->flatness),
                Remedy::Machine,
            );
        }, self::cut($order));
    }

    private static function face(FaceKind $kind, Operation $cut, SpecificationSheet $sheet): Proof
    {
        $bank = (int) $cut->place;
        $hasFinish = $kind->spec($sheet)?->roughest !== null;

        return new Proof(
            Section::Deck,
            $kind->part(),
            $kind->subject($sheet, $bank),
            [$cut->key() => [Criterion::LocalFlatness, Criterion::Pits, Criterion::Height, ...$hasFinish ? [Criterion::Finish] : []]],
            [
                Place::at($kind->straightedge(), $bank),
                Place::at($kind->feeler(), $bank),
                Place::at($kind->height(), $bank),
                Place::at($kind->pits(), $bank),
                ...($hasFinish ? [Place::at($kind->finish(), $bank)] : []),
            ],
            [...$kind === FaceKind::Deck ? [OrderedCondition::CapsTorqued] : [], OrderedCondition::Clean],
            gone: self::gone($kind, $bank, $sheet),
        );
    }

    /**
     * The heights of the face that was cut away, its pits, and how far the pistons stood below it.
     *
     * @return list<Place>
     */
    private static function gone(FaceKind $kind, int $bank, SpecificationSheet $sheet): array
    {
        $face = $kind->spec($sheet);
        $cylinders = $sheet->layout->banks[$bank - 1];
        $points = $face === null ? [] : array_keys(FaceGrid::of($face, count($cylinders))->points);

        return [
            ...array_map(static fn (string $spot): Place => Place::at($kind->point(), $bank, $spot), $points),
            Place::at($kind->pitDepth(), $bank),
            ...$kind === FaceKind::Deck
                ? array_map(static fn (int $cylinder): Place => Place::at(FaceFeature::PistonToDeck, $cylinder), $cylinders)
                : [],
        ];
    }

    /** @return list<array{FaceKind, Operation}> */
    private static function cut(WorkOrder $order): array
    {
        $faces = [];
        foreach (FaceKind::cases() as $kind) {
            foreach ($order->ofKind(self::CUTS[$kind->value]) as $operation) {
                $faces[] = [$kind, $operation];
            }
        }

        return $faces;
    }
}
