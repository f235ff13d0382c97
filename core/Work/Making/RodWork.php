<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\RodChoices;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Target;

/** The operations at the rods, rod by rod (ROD-1 to ROD-4, WORK-1a). */
final class RodWork
{
    private const KINDS = [
        WorkKind::Straighten->value => OperationKind::StraightenRod,
        WorkKind::Rebush->value => OperationKind::Rebush,
        WorkKind::Resize->value => OperationKind::Resize,
        WorkKind::Balance->value => OperationKind::LightenRod,
    ];

    /** @return list<Operation> */
    public static function of(AgreedWork $agreed): array
    {
        $choice = $agreed->choice('rods');
        if ($choice === null) {
            return [];
        }
        $isWorked = $choice->kind === ChoiceKind::Recondition;
        $operations = [];
        foreach ($isWorked ? $choice->works : [] as $work) {
            $kind = self::KINDS[$work->kind->value] ?? null;
            if ($kind !== null) {
                $operations[] = self::operation($agreed, $kind, $work);
            }
        }

        return [
            ...$isWorked ? [new Operation(OperationKind::RodCrackCheck)] : [],
            ...$operations,
            ...array_map(
                static fn (int $rod): Operation => new Operation(OperationKind::NewRod, (string) $rod),
                RodChoices::replacedBy($choice->kind, $agreed->engine),
            ),
            new Operation(OperationKind::RodWeights),
        ];
    }

    private static function operation(AgreedWork $agreed, OperationKind $kind, PlannedWork $work): Operation
    {
        $range = match ($kind) {
            OperationKind::Resize => $agreed->sheet->rods->bigEnd,
            OperationKind::Rebush => $agreed->sheet->rods->smallEnd,
            default => null,
        };

        return new Operation(
            $kind,
            (string) $work->about->number(),
            $range === null ? null : new Target($range->middle(), $range->least, $range->most),
            notes: $work->said === null ? [] : [new Note(NoteKind::AsJudged, said: $work->said)],
        );
    }
}
