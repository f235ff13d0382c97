<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use DateTimeImmutable;

/** The time that one kind of operation took at its machine: what ran between begun and paused or ended (WORK-2). */
final readonly class WorkClock
{
    /**
     * @param  ?DateTimeImmutable  $runningSince  Null where it stands still
     * @param  ?DateTimeImmutable  $firstAt  When anything was said of it first; null where nothing was
     * @param  ?DateTimeImmutable  $lastAt  When anything was said of it last; null where nothing was
     */
    private function __construct(
        private int $seconds,
        public ?DateTimeImmutable $runningSince,
        public ?DateTimeImmutable $firstAt,
        public ?DateTimeImmutable $lastAt,
    ) {
    }

    /**
     * @param  list<array{ClockState, DateTimeImmutable}>  $events  Oldest first; what says again what stands changes nothing
     * @param  ?self  $before  What was said before them; null where nothing was
     */
    public static function of(array $events, ?self $before = null): self
    {
        $seconds = $before->seconds ?? 0;
        $since = $before?->runningSince;
        foreach ($events as [$state, $at]) {
            if ($state === ClockState::Begun) {
                $since ??= $at;
            } elseif ($since !== null) {
                $seconds += max(0, $at->getTimestamp() - $since->getTimestamp());
                $since = null;
            }
        }

        $last = $events === [] ? $before?->lastAt : $events[count($events) - 1][1];

        return new self($seconds, $since, $before->firstAt ?? $events[0][1] ?? null, $last);
    }

    /** Whole minutes, begun ones counted. */
    public function minutesAt(DateTimeImmutable $now): int
    {
        $running = $this->runningSince === null ? 0 : max(0, $now->getTimestamp() - $this->runningSince->getTimestamp());

        return (int) ceil(($this->seconds + $running) / 60);
    }

    /** Whole minutes of what is over, begun ones counted; 0 while it runs. */
    public function minutesTaken(): int
    {
        return $this->isRunning() ? 0 : (int) ceil($this->seconds / 60);
    }

    /** Whole seconds of what is over: without what runs now. */
    public function secondsBefore(): int
    {
        return $this->seconds;
    }

    public function isRunning(): bool
    {
        return $this->runningSince !== null;
    }
}
