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
        $pins = $this->pins();
        $missing = array_map(static fn (PlannedOperation $one): int => count(array_unique($one->after)), $this->load->operations);
        /** @var array<string, Placement> $ready Where each operation that could be next would stand */
        $ready = [];
        $new = array_keys(array_filter($missing, static fn (int $count): bool => $count === 0));
        while (! $table->isFull()) {
            while ($new !== []) {
                $code = (string) array_pop($new);
                $operation = $this->load->operations[$code];
                $placement = $table->next($operation);
                if ($placement === null) {
                    return null;
                }
                if ($operation->machine !== null) {
                    $ready[$code] = $placement;

                    continue;
                }
                $table->put($placement);
                $new = [...$new, ...$this->freed($code, $missing)];
            }
            if ($table->isFull()) {
                break;
            }
            $chosen = $this->chosen($ready, $ranks, $pins);
            if ($chosen === null) {
                return null;
            }
            unset($ready[$chosen->operation], $pins[$chosen->machine][$chosen->operation]);
            $table->put($chosen);
            foreach ($ready as $code => $placement) {
                if ($placement->machine === $chosen->machine) {
                    $moved = $table->next($this->load->operations[$code]);
                    if ($moved === null) {
                        return null;
                    }
                    $ready[$code] = $moved;
                }
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
     * @param  array<string, Placement>  $ready
     * @param  array<string, float|int>  $ranks
     * @param  array<string, array<string, int>>  $pins
     */
    private function chosen(array $ready, array $ranks, array $pins): ?Placement
    {
        $first = null;
        $possible = [];
        foreach ($ready as $code => $placement) {
            if (! self::comesBeforeAPin($placement, $pins)) {
                continue;
            }
            $possible[$code] = $placement;
            $moment = $this->mayIdle ? $placement->end : $placement->start;
            if ($first === null || $moment < ($this->mayIdle ? $first->end : $first->start)) {
                $first = $placement;
            }
        }
        if ($first === null) {
            return null;
        }
        $best = $first;
        foreach ($possible as $code => $placement) {
            $isInTime =
                $placement->machine === $first->machine &&
                ($this->mayIdle ? $placement->start < $first->end : $placement->start === $first->start);
            if ($isInTime && [$ranks[$code], $code] < [$ranks[$best->operation], $best->operation]) {
                $best = $placement;
            }
        }

        return $best;
    }

    /** @param  array<string, array<string, int>>  $pins */
    private static function comesBeforeAPin(Placement $placement, array $pins): bool
    {
        foreach ($pins[$placement->machine] ?? [] as $code => $minute) {
            if ((string) $code !== $placement->operation && $placement->end > $minute) {
                return false;
            }
        }

        return true;
    }

    /** @return array<string, array<string, int>> The minute of each pin, by machine and operation */
    private function pins(): array
    {
        $pins = [];
        foreach ($this->load->operations as $code => $operation) {
            if ($operation->machine !== null && $operation->pinned !== null) {
                $pins[$operation->machine][$code] = $operation->pinned;
            }
        }

        return $pins;
    }
}
