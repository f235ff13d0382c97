<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/**
 * The best schedule there is, by looking at every order that could be better than the best one so far. Operations that do
 * not touch each other are looked at in one order only (LOAD-3).
 */
final class ExactSearch
{
    private ?Schedule $best;

    /** @var array<string, int> The place of each operation in the list */
    private readonly array $rank;

    private function __construct(private readonly Load $load, ?Schedule $first)
    {
        $this->best = $first;
        $this->rank = array_flip($load->inOrder);
    }

    /**
     * @param  ?Schedule  $first  Some schedule of this load: the better it is, the less is looked at
     * @return ?Schedule Null where no order fits into the open minutes and the pins
     */
    public static function best(Load $load, ?Schedule $first): ?Schedule
    {
        $search = new self($load, $first);
        $search->from(new Timetable($load), null, []);

        return $search->best?->proved();
    }

    /** @param  array<string, true>  $readyBefore  What could have been put before the last one was */
    private function from(Timetable $table, ?PlannedOperation $last, array $readyBefore): void
    {
        if (! $this->putWaits($table)) {
            return;
        }
        if ($table->isFull()) {
            $schedule = $table->schedule();
            $this->best = $schedule->figures->isBetterThan($this->best?->figures) ? $schedule : $this->best;

            return;
        }
        if (! $table->bound()->isBetterThan($this->best?->figures)) {
            return;
        }
        $ready = $this->ready($table);
        foreach ($ready as $code => $placement) {
            $operation = $this->load->operations[$code];
            $isSameElsewhere =
                $last !== null &&
                isset($readyBefore[$code]) &&
                $operation->machine !== $last->machine &&
                $this->rank[$code] < $this->rank[$last->code];
            if ($placement !== null && ! $isSameElsewhere) {
                $next = clone $table;
                $next->put($placement);
                $this->from($next, $operation, array_fill_keys(array_keys($ready), true));
            }
        }
    }

    /** What takes no machine begins as soon as it can; false where a pin of it is past. */
    private function putWaits(Timetable $table): bool
    {
        foreach ($this->load->inOrder as $code) {
            $operation = $this->load->operations[$code];
            if ($operation->machine === null && ! $table->has($code) && $table->isReady($operation)) {
                $placement = $table->next($operation);
                if ($placement === null) {
                    return false;
                }
                $table->put($placement);
            }
        }

        return true;
    }

    /** @return array<string, ?Placement> What could be put next, and where; those that would be done first come first */
    private function ready(Timetable $table): array
    {
        $ready = [];
        foreach ($this->load->inOrder as $code) {
            $operation = $this->load->operations[$code];
            if ($operation->machine !== null && ! $table->has($code) && $table->isReady($operation)) {
                $ready[$code] = $table->next($operation);
            }
        }
        uasort($ready, static fn (?Placement $one, ?Placement $other): int => ($one->end ?? PHP_INT_MAX) <=> ($other->end ?? PHP_INT_MAX));

        return $ready;
    }
}
