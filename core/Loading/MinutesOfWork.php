<?php

declare(strict_types=1);

namespace NorthLedger\Core\Loading;

use NorthLedger\Core\Scheduling\LearnedMinutes;
use NorthLedger\Core\Work\UsualMinutes;

/** How long a piece of work is planned: as long as it took the last times, else by the price list (LOAD-5). */
final readonly class MinutesOfWork
{
    /**
     * @param  int  $run  Of all places together
     * @param  int  $listed  Set-up and run by the price list, or as is usual where it knows no time
     * @param  bool  $isPriced  The price list knows a time
     * @param  int  $jobs  How many jobs it was learned from; 0 where the price list says it
     */
    private function __construct(public int $setup, public int $run, public int $listed, public bool $isPriced, public int $jobs)
    {
    }

    /** What was learned holds set-up and run together: the set-up keeps its share, the run gets the rest. */
    public static function of(UsualMinutes $usual, ?LearnedMinutes $learned, int $places): self
    {
        $listed = $usual->forPlaces($places);
        $setup = $learned === null ? $usual->setup : min($usual->setup, $learned->minutes);

        return new self(
            $setup,
            $learned === null ? $usual->run * $places : $learned->minutes - $setup,
            $listed,
            $usual->isPriced,
            $learned === null ? 0 : $learned->jobs,
        );
    }
}
