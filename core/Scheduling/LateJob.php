<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Why a job is late: the chain that ends last, and what would help, found by planning it that way (LOAD-4). */
final readonly class LateJob
{
    private const MINUTES_A_DAY = 1440;

    /** A day, or, where that gains nothing, over a weekend. */
    private const DAYS_SOONER = [1, 3];

    /** How much longer a machine is tried open, at the end of each of its spans. */
    private const LONGER_MINUTES = 120;

    /** Heavier than anything else in the load. */
    private const FIRST = 1_000_000;

    private const TRIES = 20;

    private function __construct(private Load $load, private Schedule $schedule, public string $code, public int $minutesLate)
    {
    }

    /** @return list<self> The latest first */
    public static function all(Load $load, Schedule $schedule): array
    {
        $late = [];
        foreach ($schedule->ends as $code => $end) {
            $minutes = $end - $load->jobs[$code]->due;
            if ($minutes > 0) {
                $late[] = new self($load, $schedule, (string) $code, $minutes);
            }
        }
        usort($late, static fn (self $one, self $other): int => [-$one->minutesLate, $one->code] <=> [-$other->minutesLate, $other->code]);

        return $late;
    }

    /** @return non-empty-list<ChainLink> From the first thing that had to be done to the last of the job */
    public function chain(): array
    {
        $code = $this->last();
        $links = [];
        do {
            $link = $this->link($code);
            array_unshift($links, $link);
            $code = $link->by;
        } while ($code !== null);

        return $links;
    }

    /** @return list<Help> What makes the job end sooner, the most helpful first */
    public function whatHelps(): array
    {
        $helps = [];
        $order = $this->schedule->order();
        $helped = [];
        foreach ($this->tries() as [$kind, $about, $load, $days]) {
            if (isset($helped["{$kind->value} {$about}"])) {
                continue;
            }
            try {
                $tried = Scheduler::best($load, self::TRIES, $order);
            } catch (SchedulingException) {
                continue;
            }
            $sooner = $this->schedule->ends[$this->code] - $tried->ends[$this->code];
            if ($sooner > 0) {
                $helped["{$kind->value} {$about}"] = true;
                $helps[] = new Help($kind, $about, $sooner, $this->othersLate($tried) - $this->othersLate($this->schedule), $days);
            }
        }
        usort(
            $helps,
            static fn (Help $one, Help $other): int => [-$one->minutesSooner, $one->about] <=> [-$other->minutesSooner, $other->about],
        );

        return $helps;
    }

    /**
     * What is done about what, the load with it, and how many days sooner a part comes.
     *
     * @return iterable<array{HelpKind, string, Load, int}>
     */
    private function tries(): iterable
    {
        $machines = [];
        foreach ($this->chain() as $link) {
            $operation = $this->load->operations[$link->operation];
            if ($link->heldBy === HeldBy::Earliest) {
                foreach (self::DAYS_SOONER as $days) {
                    $sooner = $operation->noSoonerThan(max(0, $operation->earliest - $days * self::MINUTES_A_DAY));
                    yield [HelpKind::PartSooner, $link->operation, $this->load->with([$sooner]), $days];
                }
            }
            if ($operation->machine !== null) {
                $machines[$operation->machine] = true;
            }
        }
        $job = $this->load->jobs[$this->code];
        yield [HelpKind::JobFirst, $this->code, $this->load->with(jobs: [new ScheduledJob($job->code, $job->due, self::FIRST)]), 0];
        foreach (array_keys($machines) as $machine) {
            $longer = $this->load->machines[$machine]->longerBy(self::LONGER_MINUTES);
            yield [HelpKind::LongerHours, (string) $machine, $this->load->with(machines: [$machine => $longer]), 0];
        }
    }

    /** Minutes past due of all other jobs together. */
    private function othersLate(Schedule $schedule): int
    {
        $minutes = 0;
        foreach ($schedule->ends as $code => $end) {
            $minutes += (string) $code === $this->code ? 0 : max(0, $end - $this->load->jobs[$code]->due);
        }

        return $minutes;
    }

    /** The operation whose end, with its wait, is the end of the job. */
    private function last(): string
    {
        foreach ($this->schedule->placements as $code => $placement) {
            $operation = $this->load->operations[$code];
            if ($operation->job === $this->code && $placement->end + $operation->wait === $this->schedule->ends[$this->code]) {
                return (string) $code;
            }
        }

        return $this->code;
    }

    private function link(string $code): ChainLink
    {
        $operation = $this->load->operations[$code];
        $placement = $this->schedule->placements[$code];
        if ($operation->pinned !== null) {
            return new ChainLink($code, HeldBy::Pin, null);
        }
        [$heldBy, $by, $until] = [$operation->earliest > 0 ? HeldBy::Earliest : HeldBy::Nothing, null, $operation->earliest];
        foreach ($operation->after as $before) {
            $over = $this->schedule->placements[$before]->end + $this->load->operations[$before]->wait;
            [$heldBy, $by, $until] = $over > $until ? [HeldBy::Operation, $before, $over] : [$heldBy, $by, $until];
        }
        $onMachine = $this->before($placement);
        if ($onMachine !== null && $onMachine->end > $until) {
            [$heldBy, $by, $until] = [HeldBy::Machine, $onMachine->operation, $onMachine->end];
        }

        $isClosed = $by === null && $placement->start > $until && ! $this->wouldHelp($operation, $placement->start);

        return new ChainLink($code, $isClosed ? HeldBy::Closed : $heldBy, $by);
    }

    /** True where it started on the day what it waits for came, or could have a day sooner: then its machine is not what held it. */
    private function wouldHelp(PlannedOperation $operation, int $start): bool
    {
        $open = $operation->machine === null ? null : $this->load->machines[$operation->machine];

        return $operation->earliest > 0 &&
            ($open === null ||
                $start - $operation->earliest < self::MINUTES_A_DAY ||
                $open->openFrom(max(0, $operation->earliest - self::MINUTES_A_DAY)) < $start);
    }

    /** What stands directly before it on its machine. */
    private function before(Placement $placement): ?Placement
    {
        $before = null;
        foreach ($placement->machine === null ? [] : $this->schedule->placements as $one) {
            $isBefore =
                $one->machine === $placement->machine && $one->operation !== $placement->operation && $one->end <= $placement->start;
            $before = $isBefore && ($before === null || $one->end > $before->end) ? $one : $before;
        }

        return $before;
    }
}
