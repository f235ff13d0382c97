<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/**
 * A schedule while it is made: operations are put behind what stands on their machine already, each as early as it can be
 * (LOAD-1, LOAD-2).
 */
final class Timetable
{
    /** @var array<string, Placement> */
    private array $placements = [];

    /** @var array<string, int> When what follows an operation may begin: its end and its wait */
    private array $over = [];

    /** @var array<string, int> Before which an operation cannot start; of those that have been asked for */
    private array $soonest = [];

    /** @var array<string, int> From when on a machine is free */
    private array $free = [];

    /** @var array<string, PlannedOperation> What stands last on a machine */
    private array $last = [];

    private int $setups = 0;

    public function __construct(private readonly Load $load)
    {
    }

    public function has(string $operation): bool
    {
        return isset($this->placements[$operation]);
    }

    public function isFull(): bool
    {
        return count($this->placements) === count($this->load->operations);
    }

    /** True where everything that it waits for stands in the timetable. */
    public function isReady(PlannedOperation $operation): bool
    {
        foreach ($operation->after as $before) {
            if (! isset($this->over[$before])) {
                return false;
            }
        }

        return true;
    }

    /** Where it would stand, next on its machine; null where it cannot: no open minutes are left, or its pin is past. */
    public function next(PlannedOperation $operation): ?Placement
    {
        $start = $this->soonest($operation);
        $machine = $operation->machine;
        if ($machine === null) {
            $start = $operation->pinned ?? $start;

            return $start < $this->soonest($operation)
                ? null
                : new Placement($operation->code, null, $start, $start + $operation->run, false);
        }
        $open = $this->load->machines[$machine];
        $start = max($start, $this->free[$machine] ?? $start);
        if ($operation->pinned !== null) {
            if ($operation->pinned < $start || $open->openFrom($operation->pinned) !== $operation->pinned) {
                return null;
            }
            $start = $operation->pinned;
        }
        $isSetUp = ! $operation->sharesFixtureWith($this->last[$machine] ?? null);
        $work = $open->work($start, $operation->run + ($isSetUp ? $operation->setup : 0));

        return $work === null ? null : new Placement($operation->code, $machine, $work[0], $work[1], $isSetUp);
    }

    public function put(Placement $placement): void
    {
        $operation = $this->load->operations[$placement->operation];
        $this->placements[$placement->operation] = $placement;
        $this->over[$placement->operation] = $placement->end + $operation->wait;
        if ($placement->machine !== null) {
            $this->free[$placement->machine] = $placement->end;
            $this->last[$placement->machine] = $operation;
            $this->setups += $placement->isSetUp ? 1 : 0;
        }
    }

    /** No schedule that goes on from here is better than this. */
    public function bound(): Figures
    {
        $over = $this->over;
        $setups = $this->setups;
        foreach ($this->load->inOrder as $code) {
            if (isset($over[$code])) {
                continue;
            }
            $operation = $this->load->operations[$code];
            $start = $operation->pinned ?? $operation->earliest;
            foreach ($operation->after as $before) {
                $start = max($start, $over[$before]);
            }
            $minutes = $operation->run;
            if ($operation->machine !== null) {
                $isSurelySetUp = $operation->fixture === null;
                $minutes += $isSurelySetUp ? $operation->setup : 0;
                $setups += $isSurelySetUp ? 1 : 0;
                $open = $this->load->machines[$operation->machine];
                $start = $open->openFrom(max($start, $this->free[$operation->machine] ?? $start)) ?? PHP_INT_MAX >> 2;
                $start = $open->end($start, $minutes) ?? PHP_INT_MAX >> 2;
                $minutes = 0;
            }
            $over[$code] = $start + $minutes + $operation->wait;
        }

        return self::figures($this->load, self::ends($this->load, $over), $setups);
    }

    public function schedule(): Schedule
    {
        $ends = self::ends($this->load, $this->over);

        return new Schedule($this->placements, $ends, self::figures($this->load, $ends, $this->setups), false);
    }

    /** Everything before it stands already, and stays where it is. */
    private function soonest(PlannedOperation $operation): int
    {
        if (isset($this->soonest[$operation->code])) {
            return $this->soonest[$operation->code];
        }
        $start = $operation->earliest;
        foreach ($operation->after as $before) {
            $start = max($start, $this->over[$before]);
        }

        return $this->soonest[$operation->code] = $start;
    }

    /**
     * @param  array<string, int>  $over
     * @return array<string, int> When each job ends that has an operation
     */
    private static function ends(Load $load, array $over): array
    {
        $ends = [];
        foreach ($over as $code => $minute) {
            $job = $load->operations[$code]->job;
            $ends[$job] = max($minute, $ends[$job] ?? $minute);
        }

        return $ends;
    }

    /** @param  array<string, int>  $ends */
    private static function figures(Load $load, array $ends, int $setups): Figures
    {
        $lateness = $weighted = 0;
        foreach ($ends as $code => $end) {
            $job = $load->jobs[$code];
            $lateness += $job->weight * max(0, $end - $job->due);
            $weighted += $job->weight * $end;
        }

        return new Figures($lateness, $weighted, $setups);
    }
}
