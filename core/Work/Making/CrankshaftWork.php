<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Specification\JournalSpec;
use NorthLedger\Core\Features\Crankshaft\GrindPlan;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Target;

/** The operations at a crankshaft: ground group by group, checked for cracks again, polished (JRNL-3 to JRNL-7, WORK-1a). */
final readonly class CrankshaftWork
{
    /** What is done to the metal, after which it is checked for cracks again. */
    private const BEFORE_THE_RECHECK = [
        OperationKind::StraightenCrank,
        OperationKind::WeldJournals,
        OperationKind::GrindMains,
        OperationKind::GrindRods,
        OperationKind::HardenCrank,
    ];

    private function __construct(private AgreedWork $agreed)
    {
    }

    /** @return list<Operation> None where nothing was agreed for it */
    public static function of(AgreedWork $agreed): array
    {
        [$mains, $rods] = [$agreed->choice('mains'), $agreed->choice('rod_journals')];
        if ($mains === null && $rods === null) {
            return [];
        }
        if ($mains?->kind === ChoiceKind::Replace) {
            return [new Operation(OperationKind::NewCrank)];
        }
        $crankshaft = new self($agreed);
        $work = [
            ...$crankshaft->straighten($mains, $rods),
            ...$crankshaft->weld($mains, $rods),
            ...$crankshaft->grind($mains, OperationKind::GrindMains, $agreed->sheet->crankshaft->mains),
            ...$crankshaft->grind($rods, OperationKind::GrindRods, $agreed->sheet->crankshaft->rods),
            ...$agreed->needs(PriceItem::HardenCrankshaft) ? [new Operation(OperationKind::HardenCrank)] : [],
        ];
        $isWorked = static fn (Operation $one): bool => in_array($one->kind, self::BEFORE_THE_RECHECK, true);
        $needsRecheck = array_filter($work, $isWorked) !== [];

        return [
            new Operation(OperationKind::CrankWash),
            new Operation(OperationKind::CrankCrackCheck),
            ...$work,
            ...$needsRecheck ? [new Operation(OperationKind::CrankRecheck)] : [],
            new Operation(OperationKind::Polish),
            new Operation(OperationKind::CrankFinalWash),
        ];
    }

    /** @return list<Operation> */
    private function straighten(?OfferedChoice ...$choices): array
    {
        $works = [];
        foreach ($choices as $choice) {
            array_push($works, ...AgreedWork::works($choice, WorkKind::Straighten));
        }

        return $works === [] ? [] : [new Operation(OperationKind::StraightenCrank, notes: self::asJudged($works[0]))];
    }

    /** @return list<Operation> */
    private function weld(?OfferedChoice ...$choices): array
    {
        $isWelded = array_filter($choices, static fn (?OfferedChoice $choice): bool => $choice?->kind === ChoiceKind::Weld) !== [];

        return $isWelded ? [new Operation(OperationKind::WeldJournals)] : [];
    }

    /** @return list<Operation> A journal each; what was welded up is ground to standard */
    private function grind(?OfferedChoice $choice, OperationKind $kind, JournalSpec $spec): array
    {
        if (! in_array($choice?->kind, [ChoiceKind::Grind, ChoiceKind::GrindOffset, ChoiceKind::Weld], true)) {
            return [];
        }
        $undersize = $choice->step ?? Length::zero();
        $notes = [
            ...$spec->fillet === null ? [] : [new Note(NoteKind::WheelForFillet, [$spec->fillet->least, $spec->fillet->most])],
            ...$choice->kind === ChoiceKind::GrindOffset ? $this->moved() : [],
            ...self::asJudged(AgreedWork::works($choice, WorkKind::Grind)[0] ?? null),
        ];

        return array_map(
            fn (int $journal): Operation => new Operation(
                $kind,
                (string) $journal,
                $this->target($spec, $undersize),
                $undersize->isZero() ? null : $undersize,
                $notes,
            ),
            range(1, $spec->count),
        );
    }

    /** @return list<Note> How far the throws are moved, and which way */
    private function moved(): array
    {
        $made = $this->agreed->sheet->crankshaft->madeStroke;
        $more = $made === null ? null : $this->agreed->sheet->stroke->minus($made);

        return $more === null
            ? []
            : [new Note($more->isNegative() ? NoteKind::ThrowsInward : NoteKind::ThrowsOutward, [$more->absolute()->half()])];
    }

    private function target(JournalSpec $spec, Length $undersize): ?Target
    {
        $range = $spec->diameter;

        return $range === null
            ? null
            : new Target(
                GrindPlan::aimedAt($range->least, $range->most, $undersize, $this->agreed->policy->grindAim),
                $range->least->minus($undersize),
                $range->most->minus($undersize),
            );
    }

    /** @return list<Note> */
    private static function asJudged(?PlannedWork $work): array
    {
        return $work?->said === null ? [] : [new Note(NoteKind::AsJudged, said: $work->said)];
    }
}
