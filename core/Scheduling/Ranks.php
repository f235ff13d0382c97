<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** Plain rules of what comes first, each as a rank by operation; the lower, the sooner. */
final class Ranks
{
    /** @return list<array<string, float|int>> Earliest due first is the first of them */
    public static function byRules(Load $load): array
    {
        $left = self::minutesLeft($load);

        return [
            self::each($load, static fn (PlannedOperation $one, ScheduledJob $job): int => $job->due),
            self::each($load, static fn (PlannedOperation $one, ScheduledJob $job): int => $job->due - $left[$one->code]),
            self::each($load, static fn (PlannedOperation $one, ScheduledJob $job): float => $left[$one->code] / max(0.001, $job->weight)),
            self::each(
                $load,
                static fn (PlannedOperation $one, ScheduledJob $job): float => ($job->due + $left[$one->code]) / max(0.001, $job->weight),
            ),
        ];
    }

    /**
     * @param  callable(PlannedOperation, ScheduledJob): (float|int)  $rank
     * @return array<string, float|int>
     */
    private static function each(Load $load, callable $rank): array
    {
        return array_map(static fn (PlannedOperation $one): float|int => $rank($one, $load->jobs[$one->job]), $load->operations);
    }

    /**
     * From the beginning of an operation to the end of the longest chain behind it, as if nothing were in the way.
     *
     * @return array<string, int>
     */
    private static function minutesLeft(Load $load): array
    {
        $left = [];
        foreach (array_reverse($load->inOrder) as $code) {
            $operation = $load->operations[$code];
            $behind = 0;
            foreach ($load->followers[$code] as $follower) {
                $behind = max($behind, $left[$follower]);
            }
            $left[$code] = $operation->setup + $operation->run + $operation->wait + $behind;
        }

        return $left;
    }
}
