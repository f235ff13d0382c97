<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** What the next piece of work of a kind will take, by what the last ones took (LOAD-5). */
final readonly class LearnedMinutes
{
    private const LAST = 10;

    /**
     * @param  int  $minutes  Whole minutes, of all its places
     * @param  int  $jobs  How many it rests on, one to ten
     */
    private function __construct(public int $minutes, public int $jobs)
    {
    }

    /**
     * The median of the last ten, each by the place, times the places of the next.
     *
     * @param  list<array{minutes: int, places: int}>  $taken  Of that kind and family, the newest first
     * @return ?self Null where nothing was done yet
     */
    public static function of(array $taken, int $places): ?self
    {
        $each = [];
        foreach (array_slice($taken, 0, self::LAST) as $one) {
            $each[] = $one['minutes'] / max(1, $one['places']);
        }
        if ($each === []) {
            return null;
        }
        sort($each);
        $middle = intdiv(count($each), 2);
        $median = count($each) % 2 === 1 ? $each[$middle] : ($each[$middle - 1] + $each[$middle]) / 2;

        return new self(max(1, (int) round($median * max(1, $places))), count($each));
    }
}
