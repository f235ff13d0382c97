<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes a schedule better by moving what is late to the front, one operation or one job at a time. What is as good is taken
 * too, so that it does not stay where it stands; the best one is kept (LOAD-4).
 */
final class Improvement
{
    private const SEED = 20_261;

    /** One move in so many takes a whole job along. */
    private const WHOLE_JOB = 3;

    public static function of(Load $load, Schedule $first, int $tries): Schedule
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $dispatch = new Dispatch($load, mayIdle: true);
        $best = $now = $first;
        $order = $first->order();
        $bound = Scheduler::bound($load);
        for ($try = 0; $try < $tries && $best->figures->comparedTo($bound) > 0; $try++) {
            $moved = self::moved($load, $now, $order, $random, $try);
            $schedule = $dispatch->schedule(array_flip($moved));
            if ($schedule !== null && $schedule->figures->comparedTo($now->figures) <= 0) {
                [$now, $order] = [$schedule, $moved];
                $best = $now->figures->isBetterThan($best->figures) ? $now : $best;
            }
        }

        return $best;
    }

    /**
     * @param  list<string>  $order
     * @return list<string>
     */
    private static function moved(Load $load, Schedule $now, array $order, Randomizer $random, int $try): array
    {
        $late = array_keys(
            array_filter($now->ends, static fn (int $end, int|string $job): bool => $end > $load->jobs[$job]->due, ARRAY_FILTER_USE_BOTH),
        );
        $jobs = $late === [] || $try % 2 === 1 ? array_keys($now->ends) : $late;
        $job = (string) $jobs[$random->getInt(0, count($jobs) - 1)];
        $own = array_values(array_filter($order, static fn (string $one): bool => $load->operations[$one]->job === $job));
        $taken = $try % self::WHOLE_JOB === 0 ? $own : [$own[$random->getInt(0, count($own) - 1)]];
        $rest = array_values(array_diff($order, $taken));
        $at = (int) array_search($taken[0], $order, true);
        $to = $random->getInt(0, $at);
        // Now and then something goes back instead, which makes room.
        $to = $try % 4 === 3 ? $random->getInt(min($at, count($rest)), count($rest)) : $to;

        return [...array_slice($rest, 0, $to), ...$taken, ...array_slice($rest, $to)];
    }
}
