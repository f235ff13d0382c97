<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Makes one schedule from ranks: where several operations could be next at a machine, the one of the lowest rank is. */
final readonly class Dispatch
{
    /**
     * @param  bool  $mayIdle  False: a machine that could begin something does. True: it may leave free what is not done before
     *     the first operation that somebody could end; then some order of ranks gives the best schedule there is.
     */
    public function __construct(private Load $load, private bool $mayIdle)
    {
    }

    /**
     * @param  array<string, float|int>  $ranks  By operation
     * @return ?Schedule Null where it does not fit into the open minutes and the pins in this way
     */
    public function schedule(array $ranks): ?Schedule
    {
        $table = new Timetable($this->load);
        $queues = $this->queues();
        $missing = array_map(static fn (PlannedOperation $one): int => count(array_unique($one->after)), $this->load->operations);
        $came = 0;
        $new = array_keys(array_filter($missing, static fn (int $count): bool => $count === 0));
        while (! $table->isFull()) {
            while ($new !== []) {
                $code = (string) array_pop($new);
                $placement = $table->next($this->load->operations[$code]);
                if ($placement === null) {
                    return null;
                }
                if ($placement->machine !== null) {
                    $queues[$placement->machine]->add($placement, $came++);

                    continue;
                }
                $table->put($placement);
                $new = [...$new, ...$this->freed($code, $missing)];
            }
            if ($table->isFull()) {
                break;
            }
            $queue = self::soonest($queues);
            $first = $queue?->first();
            if ($queue === null || $first === null) {
                return null;
            }
            $chosen = $queue->lowest($first, $ranks);
            if (! $queue->put($chosen, $table, $this->load)) {
                return null;
            }
            $new = $this->freed($chosen->operation, $missing);
        }

        return $table->schedule();
    }

    /**
     * @param  array<string, int>  $missing  How many operations each still waits for
     * @return list<string> What waits for nothing any more
     */
    private function freed(string $code, array &$missing): array
    {
        $freed = [];
        foreach ($this->load->followers[$code] as $follower) {
            if (--$missing[$follower] === 0) {
                $freed[] = $follower;
            }
        }

        return $freed;
    }

    /**
     * The machine at which something is first in time.
     *
     * @param  array<string, MachineQueue>  $queues
     */
    private static function soonest(array $queues): ?MachineQueue
    {
        $soonest = null;
        foreach ($queues as $queue) {
            $soonest = $queue->isBefore($soonest) ? $queue : $soonest;
        }

        return $soonest;
    }

    /** @return array<string, MachineQueue> By machine */
    private function queues(): array
    {
        $pins = array_fill_keys(array_keys($this->load->machines), []);
        foreach ($this->load->operations as $code => $operation) {
            if ($operation->machine !== null && $operation->pinned !== null) {
                $pins[$operation->machine][$code] = $operation->pinned;
            }
        }

        return array_map(fn (array $ofMachine): MachineQueue => new MachineQueue($ofMachine, $this->mayIdle), $pins);
    }
}
