<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Closure;
use App\Storage\Job;
use App\Storage\LoadPin;
use App\Storage\LoadRules;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Loading\JobToLoad;
use NorthLedger\Core\Scheduling\LateJob;
use NorthLedger\Core\Scheduling\Load;
use NorthLedger\Core\Scheduling\OpenDays;
use NorthLedger\Core\Scheduling\OpenMinutes;
use NorthLedger\Core\Scheduling\PlannedOperation;
use NorthLedger\Core\Scheduling\Schedule;
use NorthLedger\Core\Scheduling\ScheduledJob;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Scheduling\SchedulingException;
use NorthLedger\Core\Scheduling\SchedulingFault;
use NorthLedger\Core\Scheduling\Units;
use NorthLedger\Core\Work\Machine;
use NorthLedger\Core\Work\OperationKind;

/** Everything that the machines have to do from now on, read and put together; planning it is the core's (LOAD-1 to LOAD-4). */
final class LoadOfShop
{
    /** So far ahead is planned; a load that needs more days gets the longer one. */
    private const DAYS = 190;

    private const MOST_DAYS = 760;

    /** However large the load, so many schedules are tried. */
    private const LEAST_TRIES = 8;

    private LoadRules $rules;

    private MachineHours $hours;

    private JobsToLoad $reader;

    /** @var Collection<int, Closure> */
    private Collection $closures;

    /** @param  DateTimeImmutable  $now  Minute 0 of the load */
    public function __construct(PriceList $prices, private readonly DateTimeImmutable $now)
    {
        $this->rules = LoadRules::inForce();
        $this->closures = Closure::query()->with('person')->where('ends_at', '>', $now)->orderBy('begins_at')->get();
        $this->hours = new MachineHours($this->rules, $this->closures, $now);
        $this->reader = new JobsToLoad($prices, $this->rules, $now);
    }

    public function reader(): JobsToLoad
    {
        return $this->reader;
    }

    /**
     * @param  ?list<string>  $order  Of the schedule that stood before, which is kept where nothing is gained by another
     * @param  int  $effort  How much is done to better it: schedules times operations
     * @param  list<JobOnLoad>  $thoughtOf  Jobs that are not there yet
     * @param  ?list<LoadPin>  $pins  Null: those that stand
     *
     * @throws SchedulingException If there are too few open hours in two years, or something waits for itself
     */
    public function planned(?array $order, int $effort, array $thoughtOf = [], ?array $pins = null): PlannedLoad
    {
        $jobs = [];
        foreach ([...$this->reader->all(), ...$thoughtOf] as $job) {
            $jobs[$job->tag] = $job;
        }
        $pins ??= array_values(LoadPin::query()->orderBy('id')->get()->all());
        try {
            return $this->plannedIn(self::DAYS, $jobs, $pins, $order, $effort);
        } catch (SchedulingException $exception) {
            return $exception->fault === SchedulingFault::NoTimeLeft
                ? $this->plannedIn(self::MOST_DAYS, $jobs, $pins, $order, $effort)
                : throw $exception;
        }
    }

    /**
     * @param  array<string, JobOnLoad>  $jobs
     * @param  list<LoadPin>  $pins
     * @param  ?list<string>  $order
     */
    private function plannedIn(int $days, array $jobs, array $pins, ?array $order, int $effort): PlannedLoad
    {
        $machines = array_map(fn (OpenMinutes $open): OpenMinutes => $open->without([[PHP_INT_MIN, 0]]), $this->hours->open($days));
        $due = array_map(
            fn (JobOnLoad $job): ScheduledJob => new ScheduledJob($job->tag, $this->dueMinute($job->dueOn), 1),
            array_values($jobs),
        );
        $counts = [];
        foreach (Machine::cases() as $machine) {
            $counts[$machine->value] = $this->rules->unitsOf($machine);
        }
        $operations = Units::spread(
            array_merge([], ...array_map(static fn (JobOnLoad $job): array => $job->operations, array_values($jobs))),
            $due,
            $counts,
        );
        [$operations, $withoutHours] = self::withoutClosed($operations, $machines);
        $load = Load::of($machines, $due, $this->begun($operations, $machines, $jobs));
        $tries = max(self::LEAST_TRIES, intdiv($effort, max(1, count($load->operations))));
        [$load, $schedule, $refused] = $this->pinned($load, $jobs, $pins, $order, $tries);
        $late = array_column(LateJob::all($load, $schedule), null, 'code');

        return new PlannedLoad(
            $this->now,
            $load,
            $schedule,
            $jobs,
            $refused,
            $withoutHours,
            $this->closuresByMachine(),
            $late,
            array_map(static fn (LateJob $one): array => $one->chain(), $late),
        );
    }

    /**
     * What stands at a unit that never opens cannot be planned, nor can what comes after it.
     *
     * @param  list<PlannedOperation>  $operations
     * @param  array<string, OpenMinutes>  $machines
     * @return array{list<PlannedOperation>, list<string>}
     */
    private static function withoutClosed(array $operations, array $machines): array
    {
        $gone = $closed = [];
        do {
            $count = count($gone);
            foreach ($operations as $one) {
                $neverOpens = $one->machine !== null && ($machines[$one->machine] ?? null)?->spans() === [];
                if ($neverOpens) {
                    $closed[(string) $one->machine] = true;
                }
                if ($neverOpens || array_intersect_key(array_flip($one->after), $gone) !== []) {
                    $gone[$one->code] = true;
                }
            }
        } while (count($gone) > $count);

        return [
            array_values(array_filter($operations, static fn (PlannedOperation $one): bool => ! isset($gone[$one->code]))),
            array_map(strval(...), array_keys($closed)),
        ];
    }

    /**
     * What has begun stays where it is: it waits for nothing any more, and the first at its machine goes on at once (LOAD-3).
     *
     * @param  list<PlannedOperation>  $operations
     * @param  array<string, OpenMinutes>  $machines
     * @param  array<string, JobOnLoad>  $jobs
     * @return list<PlannedOperation>
     */
    private function begun(array $operations, array $machines, array $jobs): array
    {
        $taken = [];
        foreach ($operations as &$one) {
            if ($jobs[$one->job]->isRunning(PlannedLoad::kindOf($one->code))) {
                $one = $one->goingOn();
                $goesOn = $one->machine === null ? null : $machines[$one->machine]->openFrom(0);
                if ($goesOn !== null && ! isset($taken[$one->machine])) {
                    $taken[$one->machine] = true;
                    $one = $one->pinnedTo($goesOn);
                }
            }
        }

        return $operations;
    }

    /**
     * @param  array<string, JobOnLoad>  $jobs
     * @param  list<LoadPin>  $pins
     * @param  ?list<string>  $order
     * @return array{Load, Schedule, list<RefusedPin>}
     */
    private function pinned(Load $load, array $jobs, array $pins, ?array $order, int $tries): array
    {
        $wanted = $refused = [];
        foreach ($pins as $pin) {
            $code = JobToLoad::codeOf(Job::tagOf($pin->job_id), OperationKind::from($pin->kind));
            $operation = $load->operations[$code] ?? null;
            $minute = OpenDays::minuteOf($this->now, $pin->starts_at->toDateTimeImmutable());
            $isOpen = $operation !== null && $operation->pinned === null;
            if ($isOpen && ! $jobs[$operation->job]->isRunning(OperationKind::from($pin->kind))) {
                if ($minute < 0) {
                    $refused[] = new RefusedPin($code, $this->now->modify("{$minute} minutes"), PinTrouble::Past);
                } else {
                    $wanted[] = $operation->pinnedTo($minute);
                }
            }
        }
        $all = $load->with($wanted);
        try {
            return [$all, Scheduler::best($all, $tries, $order), $refused];
        } catch (SchedulingException $exception) {
            if ($exception->fault !== SchedulingFault::CannotPin) {
                throw $exception;
            }
        }

        return $this->pinnedOneByOne($load, $wanted, $refused, $order, $tries);
    }

    /**
     * Each pin, in the order in which they were set, as long as all before it can be kept with it.
     *
     * @param  list<PlannedOperation>  $wanted
     * @param  list<RefusedPin>  $refused
     * @param  ?list<string>  $order
     * @return array{Load, Schedule, list<RefusedPin>}
     */
    private function pinnedOneByOne(Load $load, array $wanted, array $refused, ?array $order, int $tries): array
    {
        foreach ($wanted as $one) {
            $with = $load->with([$one]);
            try {
                Scheduler::best($with, 0);
                $load = $with;
            } catch (SchedulingException) {
                $refused[] = new RefusedPin($one->code, $this->now->modify("{$one->pinned} minutes"), $this->trouble($load, $one));
            }
        }

        return [$load, Scheduler::best($load, $tries, $order), $refused];
    }

    private function trouble(Load $load, PlannedOperation $one): PinTrouble
    {
        $minute = (int) $one->pinned;
        if ($one->machine !== null && $load->machines[$one->machine]->openFrom($minute) !== $minute) {
            return PinTrouble::Closed;
        }

        return $minute < Scheduler::soonest($load, $one->code) ? PinTrouble::TooSoon : PinTrouble::Taken;
    }

    /** Due by the end of its day. */
    private function dueMinute(string $day): int
    {
        return OpenDays::minuteOf($this->now, (new DateTimeImmutable($day, $this->now->getTimezone()))->modify('+1 day'));
    }

    /** @return array<string, list<Closure>> */
    private function closuresByMachine(): array
    {
        $closures = [];
        foreach (Machine::cases() as $machine) {
            $closures[$machine->value] = $this->hours->closuresOf($machine);
        }

        return $closures;
    }
}
