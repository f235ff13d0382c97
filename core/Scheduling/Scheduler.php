<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Plans a load: small ones exactly, large ones by rules and improvement within a given effort (LOAD-3, LOAD-4). */
final class Scheduler
{
    /** Up to so many operations at machines the best schedule is found, and proved. */
    public const EXACT_UP_TO = 8;

    /** How many operations an improvement may place. Counted, not timed: the same load gives the same schedule anywhere. */
    private const EFFORT = 84_000;

    private const LEAST_TRIES = 40;

    /**
     * Never worse than earliest due first.
     *
     * @param  ?int  $tries  How many schedules an improvement may make; null: as many as the usual effort allows
     * @param  ?list<string>  $order  Of a schedule that stands already: one that is as good and differs less is preferred
     *
     * @throws SchedulingException If no order fits into the open minutes, or none with the pins
     */
    public static function best(Load $load, ?int $tries = null, ?array $order = null): Schedule
    {
        $ranks = $order === null ? null : array_flip($order) + array_fill_keys($load->inOrder, count($load->operations));
        $first = self::byRules($load, $ranks);
        $tries ??= max(self::LEAST_TRIES, intdiv(self::EFFORT, max(1, count($load->operations))));
        $best =
            $load->machineOperations() <= self::EXACT_UP_TO
                ? ExactSearch::best($load, $first)
                : ($first === null
                    ? null
                    : Improvement::of($load, $first, $tries));

        return $best ?? throw self::refusal($load);
    }

    /** What no schedule of this load can be better than: every operation as early as if it were alone. */
    public static function bound(Load $load): Figures
    {
        return (new Timetable($load))->bound();
    }

    /** The minute before which an operation cannot start, whatever is put first: all that comes before it as early as if it were alone. */
    public static function soonest(Load $load, string $operation): int
    {
        $soonest = $load->operations[$operation]->earliest;
        foreach ($load->operations[$operation]->after as $before) {
            $earlier = $load->operations[$before];
            $start = $earlier->pinned ?? self::soonest($load, $before);
            $open = $earlier->machine === null ? null : $load->machines[$earlier->machine];
            $minutes = $earlier->run + (self::isSurelySetUp($load, $earlier) ? $earlier->setup : 0);
            $end = $open === null ? $start + $minutes : $open->end($open->openFrom($start) ?? $start, $minutes) ?? $start;
            $soonest = max($soonest, $end + $earlier->wait);
        }

        return $soonest;
    }

    /** True where nothing else of its job is clamped alike at its machine, so that its set-up cannot be saved. */
    private static function isSurelySetUp(Load $load, PlannedOperation $one): bool
    {
        foreach ($load->operations as $other) {
            if ($other->code !== $one->code && $other->machine === $one->machine && $one->sharesFixtureWith($other)) {
                return false;
            }
        }

        return $one->machine !== null;
    }

    /** @param  ?array<string, float|int>  $given */
    private static function byRules(Load $load, ?array $given): ?Schedule
    {
        $best = null;
        foreach ([...$given === null ? [] : [$given], ...Ranks::byRules($load)] as $ranks) {
            foreach ([false, true] as $mayIdle) {
                $schedule = (new Dispatch($load, $mayIdle))->schedule($ranks);
                $best = $schedule !== null && $schedule->figures->isBetterThan($best?->figures) ? $schedule : $best;
            }
        }

        return $best;
    }

    private static function refusal(Load $load): SchedulingException
    {
        $pinned = array_keys(array_filter($load->operations, static fn (PlannedOperation $one): bool => $one->pinned !== null));
        $free = $load->withoutPins();
        $fitsWithout =
            $pinned !== [] &&
            (self::byRules($free, null) ?? ($free->machineOperations() <= self::EXACT_UP_TO ? ExactSearch::best($free, null) : null)) !==
                null;

        return $fitsWithout
            ? SchedulingException::cannotPin(array_map(strval(...), $pinned))
            : SchedulingException::noTimeLeft($load->inOrder);
    }
}
