<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/**
 * Where a shop has several of a machine, or several people at a bench, each job goes to one of them: in the order in which jobs are due, to
 * the one with the least to do (LOAD-1).
 */
final class Units
{
    /**
     * @param  list<PlannedOperation>  $operations
     * @param  list<ScheduledJob>  $jobs
     * @param  array<string, int>  $counts  How many there are of a machine; one where it is not named
     * @return list<PlannedOperation> With the unit's code as machine, “bench 2”; the first keeps the machine's own
     */
    public static function spread(array $operations, array $jobs, array $counts): array
    {
        usort($jobs, static fn (ScheduledJob $one, ScheduledJob $other): int => [$one->due, $one->code] <=> [$other->due, $other->code]);
        $rank = array_flip(array_column($jobs, 'code'));
        $minutes = [];
        foreach ($operations as $one) {
            if ($one->machine !== null && ($counts[$one->machine] ?? 1) > 1) {
                $minutes[$one->machine][$one->job] = ($minutes[$one->machine][$one->job] ?? 0) + $one->setup + $one->run;
            }
        }
        $unitOf = [];
        foreach ($minutes as $machine => $ofJobs) {
            uksort($ofJobs, static fn (string $one, string $other): int => ($rank[$one] ?? 0) <=> ($rank[$other] ?? 0));
            $unitOf[$machine] = self::assigned($ofJobs, max(1, $counts[$machine]));
        }

        return array_map(static function (PlannedOperation $one) use ($unitOf): PlannedOperation {
            $unit = $unitOf[$one->machine ?? ''][$one->job] ?? 1;

            return $unit === 1 ? $one : $one->at(self::code((string) $one->machine, $unit));
        }, $operations);
    }

    /** “bench 2”; the first has the machine's own code */
    public static function code(string $machine, int $unit): string
    {
        return $unit === 1 ? $machine : "{$machine} {$unit}";
    }

    /** The machine that a unit is one of. */
    public static function machineOf(string $unit): string
    {
        return explode(' ', $unit)[0];
    }

    /**
     * @param  array<string, int>  $minutes  By job
     * @param  positive-int  $count
     * @return array<string, int> The unit of each job, from 1
     */
    private static function assigned(array $minutes, int $count): array
    {
        $loaded = array_fill(1, $count, 0);
        $unitOf = [];
        foreach ($minutes as $job => $more) {
            $unit = (int) array_search(min($loaded), $loaded, true);
            $loaded[$unit] += $more;
            $unitOf[$job] = $unit;
        }

        return $unitOf;
    }
}
