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
        $operations = $notes = [];
        foreach ($works as $work) {
            if (in_array($work->kind, [WorkKind::CutSeats, WorkKind::FitSeat], true)) {
                $operations[] = new Operation($seats, self::place($work), notes: self::seat($agreed, $work));
            } elseif (in_array($work->kind, [WorkKind::Guides, WorkKind::PressGuide, WorkKind::ReamGuide], true)) {
                $notes[self::place($work)] = [...$notes[self::place($work)] ?? [], ...self::guide($agreed, $work)];
            }
        }

        return [
            ...array_map(
                static fn (string $place, array $ofGuide): Operation => new Operation($guides, $place, notes: $ofGuide),
                array_map(strval(...), array_keys($notes)),
                array_values($notes),
            ),
            ...$operations,
        ];
    }

    /** @return list<Note> */
    private static function guide(AgreedWork $agreed, PlannedWork $work): array
    {
        $spec = self::isIntake($work) ? $agreed->sheet->intake : $agreed->sheet->exhaust;
        $reamed = $work->target === null ? [] : [new Note(NoteKind::ReamTo, [$work->target])];
        $height = self::range(NoteKind::PressToHeight, $spec->guideHeight);

        return match ($work->kind) {
            WorkKind::PressGuide => $height,
            WorkKind::ReamGuide => $reamed === [] ? [new Note(NoteKind::ReamToStem)] : $reamed,
            default => [new Note(NoteKind::NewGuide), ...$reamed, ...$height],
        };
    }

    /** @return list<Note> */
    private static function seat(AgreedWork $agreed, PlannedWork $work): array
    {
        $spec = self::isIntake($work) ? $agreed->sheet->intake : $agreed->sheet->exhaust;

        return [
            ...$work->kind === WorkKind::FitSeat ? [new Note(NoteKind::WithSeatInsert)] : [],
            ...self::range(NoteKind::SeatWidth, $spec->seatWidth),
        ];
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
