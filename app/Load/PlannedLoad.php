<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Closure;
use DateTimeImmutable;
use NorthLedger\Core\Scheduling\ChainLink;
use NorthLedger\Core\Scheduling\LateJob;
use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\Placement;
use NorthLedger\Core\Scheduling\Schedule;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Work\OperationKind;

/** The load of the shop with its schedule, as it was planned at one moment. */
final readonly class PlannedLoad
{
    /**
     * @param  DateTimeImmutable  $now  Minute 0
     * @param  array<string, JobOnLoad>  $jobs  By tag, those due first, first
     * @param  list<RefusedPin>  $refusedPins
     * @param  list<string>  $withoutHours  Units at which work stands and which never open
     * @param  array<string, list<Closure>>  $closures  By machine
     * @param  array<string, LateJob>  $late  By tag, the latest first
     * @param  array<string, list<ChainLink>>  $chains  What makes them late, by tag
     */
    public function __construct(
        public DateTimeImmutable $now,
        public Load $load,
        public Schedule $schedule,
        public array $jobs,
        public array $refusedPins,
        public array $withoutHours,
        public array $closures,
        public array $late,
        public array $chains,
    ) {
    }

    public function at(int $minute): DateTimeImmutable
    {
        return $this->now->modify("{$minute} minutes");
    }

    /** When the last of a job is done; null where something of it cannot be planned, or nothing is left. */
    public function readyAt(string $tag): ?DateTimeImmutable
    {
        $job = $this->jobs[$tag] ?? null;
        $end = $this->schedule->ends[$tag] ?? null;

        return $job === null || $end === null || $job->stopped !== [] ? null : $this->at($end);
    }

    /** True where it stands in the chain that makes its own job late. */
    public function makesLate(string $operation): bool
    {
        $chain = $this->chains[explode('/', $operation)[0]] ?? [];

        return in_array($operation, array_column($chain, 'operation'), true);
    }

    /** What is to be seen of it at a glance. */
    public function stateOf(string $operation, bool $isPinned): BarState
    {
        $job = $this->jobOf($operation);

        return match (true) {
            $job->isRunning(self::kindOf($operation)) => BarState::Running,
            $this->makesLate($operation) => BarState::Late,
            $isPinned => BarState::Pinned,
            $job->record->isProvisional => BarState::Proposed,
            default => BarState::Planned,
        };
    }

    /** @return list<Closure> */
    public function closuresAt(string $unit): array
    {
        return $this->closures[Units::machineOf($unit)] ?? [];
    }

    /** Minutes for which it holds its machine. */
    public function minutesOf(Placement $placement): int
    {
        $operation = $this->load->operations[$placement->operation];

        return $operation->run + ($placement->isSetUp ? $operation->setup : 0);
    }

    /** The minute in which everything is done that comes before it; 0 where nothing does. */
    public function readyFor(string $operation): int
    {
        $ready = 0;
        foreach ($this->load->operations[$operation]->after as $before) {
            $ready = max($ready, $this->schedule->placements[$before]->end + $this->load->operations[$before]->wait);
        }

        return $ready;
    }

    /** @return array<string, list<Placement>> What stands at each unit, by its start */
    public function byUnit(): array
    {
        $units = array_fill_keys(array_keys($this->load->machines), []);
        foreach ($this->schedule->placements as $placement) {
            if ($placement->machine !== null) {
                $units[$placement->machine][] = $placement;
            }
        }
        foreach ($units as &$placements) {
            usort($placements, static fn (Placement $one, Placement $other): int => $one->start <=> $other->start);
        }

        return $units;
    }

    public function jobOf(string $operation): JobOnLoad
    {
        return $this->jobs[explode('/', $operation)[0]];
    }

    public static function kindOf(string $operation): OperationKind
    {
        return OperationKind::from(explode('/', $operation)[1]);
    }
}
