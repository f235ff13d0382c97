<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** What could be next at one machine while a schedule is made, each where it would stand there. */
final class MachineQueue
{
    /** @var array<string, Placement> In the order in which they came */
    private array $ready = [];

    /** @var array<string, int> When each came, among those of all machines */
    private array $came = [];

    private ?Placement $first = null;

    /**
     * @param  array<string, int>  $pins  The minute of each pin of this machine that is not placed yet, by operation
     * @param  bool  $mayIdle  False: first is what begins first; true: what ends first
     */
    public function __construct(private array $pins, private readonly bool $mayIdle)
    {
    }

    /** The first in time of what stands in the way of no pin; of two, the one that came first. */
    public function first(): ?Placement
    {
        return $this->first;
    }

    public function add(Placement $placement, int $came): void
    {
        $this->ready[$placement->operation] = $placement;
        $this->came[$placement->operation] = $came;
        $this->first = $this->firstOf($this->first, $placement);
    }

    /**
     * Puts one into the timetable; the rest moves behind it.
     *
     * @return bool False where something of the rest cannot be placed any more
     */
    public function put(Placement $chosen, Timetable $table, Load $load): bool
    {
        $table->put($chosen);
        unset($this->ready[$chosen->operation], $this->came[$chosen->operation], $this->pins[$chosen->operation]);
        $this->first = null;
        foreach ($this->ready as $code => $placement) {
            $moved = $table->next($load->operations[$code]);
            if ($moved === null) {
                return false;
            }
            $this->ready[$code] = $moved;
            $this->first = $this->firstOf($this->first, $moved);
        }

        return true;
    }

    /** True where what is first here is before what is first at the other machine; of two at one moment, what came first is. */
    public function isBefore(?self $other): bool
    {
        if ($this->first === null || $other?->first === null) {
            return $this->first !== null;
        }
        [$here, $there] = [$this->moment($this->first), $this->moment($other->first)];

        return $here === $there
            ? $this->came[$this->first->operation] < $other->came[$other->first->operation]
            : $here < $there;
    }

    /**
     * Of what could be next without leaving the machine free until after the first's moment, the one of the lowest rank.
     *
     * @param  array<string, float|int>  $ranks  By operation
     */
    public function lowest(Placement $first, array $ranks): Placement
    {
        $lowest = $first;
        foreach ($this->ready as $code => $placement) {
            $isInTime = $this->mayIdle ? $placement->start < $first->end : $placement->start === $first->start;
            if (! $isInTime) {
                continue;
            }
            $order = $ranks[$code] <=> $ranks[$lowest->operation];
            if (($order < 0 || ($order === 0 && $code < $lowest->operation)) && $this->comesBeforeEveryPin($placement)) {
                $lowest = $placement;
            }
        }

        return $lowest;
    }

    private function firstOf(?Placement $first, Placement $other): ?Placement
    {
        return ($first === null || $this->moment($other) < $this->moment($first)) && $this->comesBeforeEveryPin($other) ? $other : $first;
    }

    private function moment(Placement $placement): int
    {
        return $this->mayIdle ? $placement->end : $placement->start;
    }

    private function comesBeforeEveryPin(Placement $placement): bool
    {
        foreach ($this->pins as $code => $minute) {
            if ((string) $code !== $placement->operation && $placement->end > $minute) {
                return false;
            }
        }

        return true;
    }
}
