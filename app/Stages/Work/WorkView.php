<?php

declare(strict_types=1);

namespace App\Stages\Work;

use App\Pages\Stamp;
use App\Record\JobFile;
use App\Storage\OperationTick;
use App\Words\OrderWords;
use App\Words\VerdictWords;
use NorthLedger\Core\Engine\Specification\RingSpec;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\Caution;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\WorkOrder;

/** The work order, ready to show and to print. */
final readonly class WorkView
{
    /**
     * @param  list<WorkLine>  $lines
     * @param  list<WorkGroup>  $groups  The same, as they are printed
     * @param  list<string>  $cautions  Each once
     * @param  list<string>  $stops  What was found since, and what the customer has not answered
     * @param  list<string>  $differences  Of the order as it would be made today
     * @param  list<string>  $ringGaps  As the sheet says them for the use of this engine
     */
    private function __construct(
        public Stamp $stamp,
        public array $lines,
        public array $groups,
        public array $cautions,
        public int $done,
        public string $pistons,
        public string $school,
        public string $nextKey,
        public array $stops,
        public array $differences,
        public string $revision,
        public array $ringGaps,
    ) {
    }

    public static function of(JobFile $file): self
    {
        $order = $file->work()->order();
        $chosen = $file->work()->chosen();
        $words = $file->words();
        $stops = array_values(array_unique(array_map(OrderWords::stop(...), $file->work()->stops())));
        if ($order === null || $chosen === null) {
            return new self(
                $chosen === null
                    ? new Stamp('No order yet', 'choose a size first', 'missing')
                    : new Stamp($words->option($chosen), 'nothing is machined here', 'chosen'),
                [],
                [],
                [],
                0,
                '',
                '',
                '',
                $stops,
                [],
                '',
                [],
            );
        }
        $closed = $file->work()->closedOperations();
        $ticks = $file->work()->ticks();
        $lines = array_values(
            array_map(
                static fn (Operation $operation): WorkLine => self::line(
                    $file,
                    $order,
                    $operation,
                    $ticks[$operation->key()] ?? null,
                    $closed,
                ),
                $order->operations,
            ),
        );
        $done = count(array_intersect(array_keys($order->operations), $closed));

        return new self(
            new Stamp($words->option($chosen), $words->sleeves($chosen)." · {$done} of ".count($lines).' done', 'chosen'),
            $lines,
            WorkGroup::all($lines),
            self::cautions($order),
            $done,
            self::pistons($file),
            $file->policy->orderOfWork->value,
            self::nextKey($lines),
            $stops,
            $file->work()->orderDifferences(),
            self::revision($file),
            self::ringGaps($file),
        );
    }

    /** @return list<string> “Top ring: end gap .0100 to .0200, for hard use” */
    private static function ringGaps(JobFile $file): array
    {
        $use = $file->job->usage;

        return array_map(static function (RingSpec $ring) use ($file, $use): string {
            $gap = $ring->gapFor($use?->value);

            return ucfirst($ring->name).
                " ring: end gap {$file->display->size($gap->least)} to {$file->display->sizeWithUnit($gap->most)}".
                ($use === null || $gap === $ring->gap ? '' : ", for {$use->value} use");
        }, $file->sheet->rings);
    }

    /** “Order 2, made 27 Nov 14:05 by Inspector” */
    private static function revision(JobFile $file): string
    {
        $stored = $file->work()->storedOrder();

        return $stored === null ? '' : "Order {$stored->number}, made {$stored->created_at->format('j M H:i')} by {$stored->user->name}";
    }

    /**
     * The operation that can be done next: the focus goes there, so that a size and Enter are all it takes.
     *
     * @param  list<WorkLine>  $lines
     */
    private static function nextKey(array $lines): string
    {
        foreach ($lines as $line) {
            if (! $line->isDone && $line->waitsFor === '' && $line->stopped === '') {
                return $line->key;
            }
        }

        return '';
    }

    /** @param  list<string>  $closed */
    private static function line(JobFile $file, WorkOrder $order, Operation $operation, ?OperationTick $tick, array $closed): WorkLine
    {
        $target = $operation->target;
        $waiting = $order->stillWaitingFor($operation->key(), $closed);
        $isDone = $tick?->state->closes() ?? false;

        return new WorkLine(
            $operation->key(),
            str_replace([' ', '.'], '-', $operation->key()),
            $operation->title(),
            $operation->cylinder,
            $target === null ? '' : $file->display->size($target->aim),
            $target === null ? '' : $file->display->size($target->least).' to '.$file->display->size($target->most),
            $operation->instruction,
            $operation->tool,
            $operation->check,
            $isDone,
            $tick === null ? self::again($file, $order, $operation) : self::said($file, $tick),
            $isDone ? '' : implode(' ', array_map(OrderWords::stop(...), $file->work()->stopsOf($operation))),
            $isDone ? '' : implode('; ', array_map(static fn (string $key): string => OrderWords::name($order->operation($key)), $waiting)),
            $tick?->actual_nm !== null && $isDone ? $file->display->size(Length::ofNanometres($tick->actual_nm)) : '',
            $tick?->actual_nm !== null && $isDone && $target !== null && ! $target->holds(Length::ofNanometres($tick->actual_nm)),
        );
    }

    private static function said(JobFile $file, OperationTick $tick): string
    {
        $remark = $tick->remark === null ? '' : ": {$tick->remark}";

        return "{$tick->state->value}{$remark} · {$tick->user->name}, {$tick->created_at->format('j M H:i')}";
    }

    /** Where it was done before, and metal was or will be cut after it. */
    private static function again(JobFile $file, WorkOrder $order, Operation $operation): string
    {
        $after = $file->work()->done()->againAfter($operation->key());

        return $after === null ? '' : 'To be done again, after '.OrderWords::name($order->operation($after)).'.';
    }

    /** @return list<string> */
    private static function cautions(WorkOrder $order): array
    {
        $cautions = array_merge(
            [],
            ...array_values(array_map(static fn (Operation $operation): array => $operation->cautions, $order->operations)),
        );

        return array_values(array_unique(array_map(static fn (Caution $caution): string => $caution->value, $cautions)));
    }

    private static function pistons(JobFile $file): string
    {
        $chosen = $file->work()->chosen();
        $work = $chosen === null ? null : $file->work()->boreWork($chosen);
        $measured =
            $chosen === null || $work === null
                ? []
                : array_filter(
                    $file->sheet->layout->cylinders(),
                    static fn (int $cylinder): bool => $work->finished($cylinder, $chosen)?->pistonIsMeasured === true,
                );

        return match (count($measured)) {
            count($file->sheet->layout->cylinders()) => 'Targets follow each measured piston.',
            0 => 'Targets follow the sheet’s new piston. Key the piston skirts into the finished sheet, and each bore gets its own.',
            default => 'Pistons measured for '.
                VerdictWords::cylinders(array_values($measured)).
                '; the rest follow the sheet’s new piston.',
        };
    }
}
