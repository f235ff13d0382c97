<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Record\JobFile;
use App\Storage\OperationTick;
use App\Words\Labels;
use App\Words\Line;
use App\Words\OperationWords;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkOrder;
use NorthLedger\Core\Work\WorkPart;

/** The order as one sheet: operations down in groups by part, places across, what was done in the place of what was asked for. */
final readonly class WorkSheet
{
    /** @param  array<string, OperationTick>  $ticks */
    private function __construct(
        private JobFile $file,
        private WorkOrder $order,
        private array $ticks,
        private OperationWords $words,
        private ?string $current,
    ) {
    }

    /**
     * @param  ?string  $current  Key of the operation that the entry line stands at
     * @return list<WorkGroup>
     */
    public static function groups(JobFile $file, WorkOrder $order, ?string $current): array
    {
        $sheet = new self($file, $order, $file->work()->ticks(), new OperationWords($file->display), $current);
        $rows = [];
        foreach ($order->operations as $operation) {
            $rows[$operation->kind->value] ??= $sheet->row($operation->kind);
        }
        $groups = [];
        foreach (WorkPart::cases() as $part) {
            $ofPart = array_filter(
                $rows,
                static fn (string $kind): bool => OperationKind::from($kind)->part() === $part,
                ARRAY_FILTER_USE_KEY,
            );
            if ($ofPart !== []) {
                $groups[] = new WorkGroup(Line::ofCode('work.part', $part), array_values($ofPart));
            }
        }

        return $groups;
    }

    private function row(OperationKind $kind): WorkRow
    {
        $operations = $this->order->ofKind($kind);
        usort($operations, static fn (Operation $one, Operation $other): int => strnatcmp($one->place, $other->place));
        $first = $operations[0];
        $titles = array_values(array_unique(array_map(OperationWords::title(...), $operations)));

        return new WorkRow(
            count($titles) === 1 ? $titles[0] : Line::of('work.kinds.hone'),
            Line::ofCode('work.machine', $kind->machine()),
            count($operations) > 1 ? $this->inCommon($operations) : $this->words->step($first),
            array_map($this->cell(...), $operations),
            $this->words->instruction($this->common($operations)),
            $this->remarks($operations),
            OperationWords::check($kind),
        );
    }

    /**
     * What is the same for all of them.
     *
     * @param  non-empty-list<Operation>  $operations
     */
    private function common(array $operations): Operation
    {
        $notes = array_filter(
            $operations[0]->notes,
            static fn (Note $note): bool => array_filter($operations, static fn (Operation $one): bool => ! $one->has($note)) === [],
        );

        return new Operation($operations[0]->kind, '', null, null, array_values($notes));
    }

    /**
     * What differs from place to place, said once for all places where it is the same.
     *
     * @param  non-empty-list<Operation>  $operations
     * @return list<string> “2, 5: Bore the sleeve.”
     */
    private function remarks(array $operations): array
    {
        $common = $this->common($operations);
        $places = [];
        foreach ($operations as $operation) {
            $own = array_filter($operation->notes, static fn (Note $note): bool => ! $common->has($note));
            $said = implode(' ', array_map($this->words->note(...), $own));
            if ($said !== '') {
                $places[$said][] = str_replace('.', ' ', $operation->place);
            }
        }

        return array_map(
            static fn (string $said, array $at): string => implode(', ', $at).": {$said}",
            array_keys($places),
            array_values($places),
        );
    }

    /** @param  non-empty-list<Operation>  $operations */
    private function inCommon(array $operations): string
    {
        $steps = array_unique(array_map($this->words->step(...), $operations));
        $ranges = array_unique(array_map(fn (Operation $one): string => $this->range($one), $operations));

        return implode(' · ', array_filter([count($steps) === 1 ? $steps[0] : '', count($ranges) === 1 ? reset($ranges) : '']));
    }

    private function range(Operation $operation): string
    {
        return $operation->target === null
            ? ''
            : Line::of('work.range', [
                'least' => $this->file->display->size($operation->target->least),
                'most' => $this->file->display->size($operation->target->most),
            ]);
    }

    private function cell(Operation $operation): WorkCell
    {
        $tick = $this->ticks[$operation->key()] ?? null;
        $state = $this->state($operation, $tick);
        $text = $this->text($operation, $tick, $state);

        return new WorkCell(
            $operation->key(),
            ucfirst(OperationWords::name($operation)),
            $state,
            trim(str_replace('.', ' ', $operation->place)),
            $text,
            $this->said($operation, $tick),
            ucfirst(OperationWords::name($operation)).": {$text}, ".Line::ofCode('work.state', $state),
            $operation->key() === $this->current,
        );
    }

    private function state(Operation $operation, ?OperationTick $tick): CellState
    {
        $work = $this->file->work();
        $isClosed = in_array($operation->key(), $work->closedOperations(), true);

        return match (true) {
            $isClosed && $tick?->state->leavesOut() === true => CellState::LeftOut,
            $isClosed && $this->isOut($operation, $tick) => CellState::DoneOut,
            $isClosed => CellState::Done,
            $work->stopsOf($operation) !== [] => CellState::Stopped,
            ! $this->order->isReady($operation->key(), $work->closedOperations()) => CellState::Waiting,
            default => CellState::Open,
        };
    }

    private function isOut(Operation $operation, ?OperationTick $tick): bool
    {
        return $tick?->actual_nm !== null && $operation->target?->holds(Length::ofNanometres($tick->actual_nm)) === false;
    }

    private function text(Operation $operation, ?OperationTick $tick, CellState $state): string
    {
        $piston = $state === CellState::Done && $operation->kind === OperationKind::PistonsMeasured ? $this->piston($operation) : null;

        return match (true) {
            $piston !== null => $this->file->display->size($piston),
            $state->isClosed() && $tick?->actual_nm !== null => $this->file->display->size(Length::ofNanometres($tick->actual_nm)),
            $state->isClosed() => $state->sign(),
            $operation->target !== null => $this->file->display->size($operation->target->aim),
            default => $this->cooling($operation),
        };
    }

    /** Until when a fitted sleeve cools; a dot for everything else that a look closes (SLV-6). */
    private function cooling(Operation $operation): string
    {
        $card =
            $operation->kind === OperationKind::Sleeve
                ? $this->file->record->workLogs()->sleeve($operation->key(), $this->file->sheet, $this->file->policy)
                : null;

        return $card?->isCoolingAt(now()->toDateTimeImmutable()) === true
            ? Line::of('work.cools_until', ['at' => $card->coolAt()?->format('H:i') ?? ''])
            : '·';
    }

    private function piston(Operation $operation): ?Length
    {
        $option = $this->file->work()->chosen();

        return $option === null ? null : $this->file->work()->pistonGoingIn($option, (int) $operation->place)?->corrected;
    }

    private function said(Operation $operation, ?OperationTick $tick): string
    {
        if ($tick !== null) {
            $remark = $tick->remark === null ? '' : ": {$tick->remark}";

            return Labels::code($tick->state)."{$remark} · {$tick->user->name}, {$tick->created_at->format('j M H:i')}";
        }
        $after = $this->file->work()->done()->againAfter($operation->key());
        $stops = $this->file->work()->stopsOf($operation);

        return match (true) {
            $after !== null => Line::of('work.again', ['operation' => OperationWords::name($this->order->operation($after))]),
            $stops !== [] => Line::of('work.held'),
            default => '',
        };
    }
}
