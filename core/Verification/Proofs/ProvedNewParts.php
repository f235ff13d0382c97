<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\ReadJournal;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Rods\RodJudge;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** A crankshaft or a rod that takes another's place: it is read like any part that came, and nothing of the old one counts (WORK-4). */
final readonly class ProvedNewParts implements Proving
{
    private const CONDITIONS = [OrderedCondition::Cooled, OrderedCondition::Clean];

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return [
            ...$order->has(OperationKind::NewCrank->value) ? self::crankshaft($sheet) : [],
            ...array_map(self::rod(...), $order->ofKind(OperationKind::NewRod)),
        ];
    }

    /** @return list<Proof> Journal by journal: another crankshaft may be ground under, so that its size is what its readings say it is */
    private static function crankshaft(SpecificationSheet $sheet): array
    {
        $key = OperationKind::NewCrank->value;
        $proofs = [
            new Proof(
                Section::Crankshaft,
                EnginePart::Crankshaft,
                Subject::the('crankshaft'),
                [$key => [Criterion::SnoutRunOut]],
                [Place::at(JournalFeature::SnoutRunOut, 1)],
                gone: array_map(
                    static fn (Characteristic $one): Place => $one->place,
                    InspectionPlan::of(Section::Crankshaft, $sheet)->walk(),
                ),
            ),
        ];
        foreach (JournalGroup::cases() as $group) {
            $spec = $group === JournalGroup::Mains ? $sheet->crankshaft->mains : $sheet->crankshaft->rods;
            foreach (range(1, $spec->count) as $number) {
                $proofs[] = self::journal(new ReadJournal($group, $number, $spec, Measurements::none()));
            }
        }

        return $proofs;
    }

    private static function journal(ReadJournal $journal): Proof
    {
        return new Proof(
            Section::Crankshaft,
            EnginePart::Crankshaft,
            $journal->subject(),
            [
                OperationKind::NewCrank->value => [
                    Criterion::Size,
                    Criterion::OutOfRound,
                    Criterion::Taper,
                    Criterion::Score,
                    Criterion::Finish,
                    ...array_column($journal->besideSizes(), 0),
                ],
            ],
            [
                ...ReadJournal::places($journal->group, $journal->number),
                $journal->score(),
                $journal->finish(),
                ...array_column($journal->besideSizes(), 1),
            ],
            self::CONDITIONS,
        );
    }

    private static function rod(Operation $new): Proof
    {
        $rod = (int) $new->place;
        $at = static fn (RodFeature $feature, string $spot = ''): Place => Place::at($feature, $rod, $spot);

        return new Proof(
            Section::Rods,
            EnginePart::Rods,
            Subject::rod($rod),
            [
                $new->key() => [
                    Criterion::BigEnd,
                    Criterion::BigEndOutOfRound,
                    Criterion::BigEndTaper,
                    Criterion::SmallEnd,
                    Criterion::CentreDistance,
                    Criterion::Bend,
                    Criterion::Twist,
                ],
            ],
            [
                ...RodJudge::bigEnd($rod),
                $at(RodFeature::SmallEnd, '0'),
                $at(RodFeature::SmallEnd, '90'),
                $at(RodFeature::Centres),
                $at(RodFeature::Bend),
                $at(RodFeature::Twist),
            ],
            [OrderedCondition::CapsTorqued, ...self::CONDITIONS],
        );
    }
}
