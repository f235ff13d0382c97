<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Making;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;

/** Guides and seats, valve by valve, in a head or in the block (VALVE-1 to VALVE-3). */
final class ValveWork
{
    /**
     * @param  list<PlannedWork>  $works
     * @return list<Operation>
     */
    public static function operations(AgreedWork $agreed, array $works, OperationKind $guides, OperationKind $seats): array
    {
        $operations = [];
        foreach ($works as $work) {
            if ($work->kind === WorkKind::Guides || $work->kind === WorkKind::CutSeats) {
                $operation =
                    $work->kind === WorkKind::Guides
                        ? self::guide($agreed, $work, $guides)
                        : new Operation($seats, self::place($work), notes: self::seat($agreed, $work));
                $operations[$operation->key()] = $operation;
            }
        }

        return array_values($operations);
    }

    private static function guide(AgreedWork $agreed, PlannedWork $work, OperationKind $kind): Operation
    {
        $spec = self::isIntake($work) ? $agreed->sheet->intake : $agreed->sheet->exhaust;

        return new Operation(
            $kind,
            self::place($work),
            notes: [
                ...($work->target === null ? [] : [new Note(NoteKind::ReamTo, [$work->target])]),
                ...self::range(NoteKind::PressToHeight, $spec->guideHeight),
            ],
        );
    }

    /** @return list<Note> */
    private static function seat(AgreedWork $agreed, PlannedWork $work): array
    {
        return self::range(NoteKind::SeatWidth, (self::isIntake($work) ? $agreed->sheet->intake : $agreed->sheet->exhaust)->seatWidth);
    }

    /** @return list<Note> */
    private static function range(NoteKind $kind, ?LengthRange $range): array
    {
        return $range === null ? [] : [new Note($kind, [$range->least, $range->most])];
    }

    private static function isIntake(PlannedWork $work): bool
    {
        return str_contains($work->about->kind(), '.in');
    }

    /** “3.ex” of “valve.3.ex” */
    private static function place(PlannedWork $work): string
    {
        return substr($work->about->code, strlen('valve.'));
    }
}
