<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** One operation of a load: where it is done, how long it takes, what it comes after (LOAD-1, LOAD-2). Whole minutes. */
final readonly class PlannedOperation
{
    /**
     * @param  ?string  $machine  Null: a wait, which takes its run by the clock and no machine
     * @param  ?string  $fixture  What the part is clamped in; null where that saves no set-up
     * @param  list<string>  $after  Operations that have to be done before
     * @param  int  $earliest  Parts, or the customer's answer, are not there before
     * @param  int  $wait  Cooling, dwell or drying after it, by the clock
     * @param  ?int  $pinned  The minute in which somebody wants it to start
     *
     * @throws SchedulingException If a duration is below zero
     */
    public function __construct(
        public string $code,
        public string $job,
        public ?string $machine,
        public int $setup,
        public int $run,
        public ?string $fixture = null,
        public array $after = [],
        public int $earliest = 0,
        public int $wait = 0,
        public ?int $pinned = null,
    ) {
        foreach (['set_up' => $setup, 'run' => $run, 'wait' => $wait] as $what => $minutes) {
            $minutes < 0 && throw SchedulingException::impossible($what, $code, $minutes);
        }
    }

    /** The same, if what it waits for were there at this minute. */
    public function noSoonerThan(int $earliest): self
    {
        return $this->with(['earliest' => $earliest]);
    }

    /** The same at another machine. */
    public function at(string $machine): self
    {
        return $this->with(['machine' => $machine]);
    }

    /** The same, to start in this minute; null: whenever it can. */
    public function pinnedTo(?int $minute): self
    {
        return $this->with(['pinned' => $minute]);
    }

    /** The same once it has begun: it is set up, and waits for nothing. */
    public function goingOn(): self
    {
        return $this->with(['setup' => 0, 'after' => [], 'earliest' => 0]);
    }

    /** Whether its set-up can be left out directly after this one on its machine. */
    public function sharesFixtureWith(?self $before): bool
    {
        return $before !== null && $this->fixture !== null && $this->fixture === $before->fixture && $this->job === $before->job;
    }

    /** @param  array{machine?: ?string, setup?: int, after?: list<string>, earliest?: int, pinned?: ?int}  $changes */
    private function with(array $changes): self
    {
        return new self(
            $this->code,
            $this->job,
            array_key_exists('machine', $changes) ? $changes['machine'] : $this->machine,
            $changes['setup'] ?? $this->setup,
            $this->run,
            $this->fixture,
            $changes['after'] ?? $this->after,
            $changes['earliest'] ?? $this->earliest,
            $this->wait,
            array_key_exists('pinned', $changes) ? $changes['pinned'] : $this->pinned,
        );
    }
}
