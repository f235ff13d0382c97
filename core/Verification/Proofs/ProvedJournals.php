<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\FinishedClearances;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\ReadJournal;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Subject;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;

/** Journals that were ground and polished, the run-out of what was straightened, and what is between journals and their shells (JRNL). */
final readonly class ProvedJournals implements JudgingFinished
{
    private const GRINDING = [
        JournalGroup::Mains->value => OperationKind::GrindMains,
        JournalGroup::Rods->value => OperationKind::GrindRods,
    ];

    private const CONDITIONS = [OrderedCondition::Cooled, OrderedCondition::Clean];

    public function section(): Section
    {
        return Section::Crankshaft;
    }

    public function proofs(WorkOrder $order, SpecificationSheet $sheet): array
    {
        $proofs = [];
        foreach (JournalGroup::cases() as $group) {
            $spec = self::spec($group, $sheet);
            foreach (range(1, $spec->count) as $number) {
                $journal = new ReadJournal($group, $number, $spec, Measurements::none());
                $key = self::GRINDING[$group->value]->value.'.'.$number;
                $proofs[] = $order->has($key) ? self::ground($journal, $order->operation($key)) : null;
                $proofs[] = $order->has(OperationKind::Polish->value) ? self::polished($journal) : null;
            }
        }
        $proofs[] = $order->has(OperationKind::StraightenCrank->value) ? self::straightened() : null;

        return array_values(array_filter($proofs));
    }

    public function tables(WorkOrder $order, SpecificationSheet $sheet): array
    {
        return [];
    }

    /** Measured against measured: every housing and big end that is read, its journal, and the shells for the two (JRNL-8, JRNL-9). */
    public function findings(WorkOrder $order, SpecificationSheet $sheet, ShopPolicy $policy, WorkedEngine $engine): array
    {
        $clearances = new FinishedClearances($sheet, $policy, $engine);

        return $order->has(OperationKind::ShellsFitted->value) ? $clearances->findings() : [];
    }

    private static function ground(ReadJournal $journal, Operation $operation): Proof
    {
        $sizes = ReadJournal::places($journal->group, $journal->number);

        return new Proof(
            Section::Crankshaft,
            EnginePart::Crankshaft,
            $journal->subject(),
            [
                $operation->key() => [
                    Criterion::Size,
                    Criterion::OutOfRound,
                    Criterion::Taper,
                    ...array_column($journal->besideSizes(), 0),
                ],
            ],
            [...$sizes, ...array_column($journal->besideSizes(), 1)],
            self::CONDITIONS,
            $operation->target === null ? null : OrderedSize::ofJournal($operation->target, $sizes),
            [$journal->score()],
        );
    }

    /** Polishing takes a little off the size, and can spoil the form. */
    private static function polished(ReadJournal $journal): Proof
    {
        return new Proof(
            Section::Crankshaft,
            EnginePart::Crankshaft,
            $journal->subject(),
            [OperationKind::Polish->value => [Criterion::Size, Criterion::OutOfRound, Criterion::Taper, Criterion::Finish]],
            [...ReadJournal::places($journal->group, $journal->number), $journal->finish()],
            self::CONDITIONS,
        );
    }

    private static function straightened(): Proof
    {
        return new Proof(
            Section::Crankshaft,
            EnginePart::Crankshaft,
            Subject::the('crankshaft'),
            [OperationKind::StraightenCrank->value => [Criterion::SnoutRunOut]],
            [Place::at(JournalFeature::SnoutRunOut, 1)],
        );
    }

    private static function spec(JournalGroup $group, SpecificationSheet $sheet): JournalSpec
    {
        return $group === JournalGroup::Mains ? $sheet->crankshaft->mains : $sheet->crankshaft->rods;
    }
}
