<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Features\Faces\FaceKind;
use NorthLedger\Core\Features\Faces\FacePlaces;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Gate;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\CharacteristicRow;
use NorthLedger\Core\Inspection\CharacteristicTable;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Message;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/**
 * Faces that were cut, and that of another head: a straightedge over the whole of them and one as long as the span close them, not every
 * height again; what is left, whether pits are, and the finish (DECK).
 */
final readonly class ProvedFaces implements JudgingFinished
{
    private const CUTS = [
        FaceKind::Deck->value => [OperationKind::Deck],
        FaceKind::Head->value => [OperationKind::HeadFace, OperationKind::NewHead],
    ];

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
                new Message('places.table.whole_length_of', ['face' => $face[0]->name($sheet, (int) $face[1]->place)]),
                [new Message('places.row.straightedge')],
                [
                    new CharacteristicRow('', new Message('places.row.thickest_feeler'), [
                        Characteristic::needed(Place::at($face[0]->straightedge(), (int) $face[1]->place)),
                    ]),
                ],
            ),
            self::cut($order),
        );
    }

    /** Flatness over the whole face, by the thickest feeler; and how far the pistons stand below it, where that is read. */
    public function findings(WorkOrder $order, SpecificationSheet $sheet, ShopPolicy $policy, WorkedEngine $engine): array
    {
        $measured = $engine->measurements(Section::Deck);
        $findings = [];
        foreach (self::cut($order) as [$kind, $operation]) {
            $bank = (int) $operation->place;
            $gate = new Gate($kind->part(), $policy->finalRule, $measured, 'DECK-1', $kind->subject($sheet, $bank));
            $findings[] = $gate->reading(
                Criterion::Flatness,
                Place::at($kind->straightedge(), $bank),
                Limits::atMostLength($kind->spec($sheet)?->flatness),
                Remedy::Machine,
            );
            $findings[] = $kind === FaceKind::Deck ? self::highestPiston($gate, $measured, $bank, $sheet) : null;
        }

        return array_values(array_filter($findings));
    }

    /** The piston that stands highest, of those at the corners of the face; null where none is read, or nobody knows how high one may. */
    private static function highestPiston(Gate $gate, Measurements $measured, int $bank, SpecificationSheet $sheet): ?Finding
    {
        $least = $sheet->volumes->leastDeckClearance;
        $readings = $measured->readings(self::corners($bank, $sheet));
        if ($readings === [] || $least === null) {
            return null;
        }
        usort($readings, static fn (Reading $a, Reading $b): int => $a->corrected->nanometres <=> $b->corrected->nanometres);

        return $gate
            ->under('PLAN-2')
            ->reading(
                Criterion::DeckClearance,
                $readings[0]->place,
                Limits::between(Amount::of(Measurand::Offset, $least->nanometres), null),
                Remedy::Decide,
            );
    }

    /** @return list<Place> Of the pistons that are read below a deck */
    private static function corners(int $bank, SpecificationSheet $sheet): array
    {
        return array_values(
            array_map(
                static fn (int $cylinder): Place => Place::at(FaceFeature::PistonToDeck, $cylinder),
                array_intersect(FacePlaces::corners($sheet), $sheet->layout->banks[$bank - 1]),
            ),
        );
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
            optional: $kind === FaceKind::Deck ? self::corners($bank, $sheet) : [],
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
            foreach (array_merge(...array_map($order->ofKind(...), self::CUTS[$kind->value])) as $operation) {
                $faces[] = [$kind, $operation];
            }
        }

        return $faces;
    }
}
