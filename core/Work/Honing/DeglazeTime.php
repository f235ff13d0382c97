<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Honing;

use NorthLedger\Core\Finding\PlanningException;

/** How long the next cylinder will need until its finish is reached: abrasives load up, so each needs longer (HONE-3). */
final class DeglazeTime
{
    private const ROUNDED_UP_TO = 5;

    /**
     * @param  list<float>  $needed  Seconds that each cylinder needed in all, in the order in which this set finished them
     * @param  float  $first  What the shop starts with, in seconds
     * @return int Whole seconds, a multiple of five
     *
     * @throws PlanningException If a time is not above zero
     */
    public static function next(array $needed, float $first): int
    {
        foreach ([$first, ...$needed] as $seconds) {
            $seconds > 0 || throw PlanningException::impossible('time_of_a_stint', $seconds);
        }
        $count = count($needed);

        return self::roundedUp(
            match ($count) {
                0 => $first,
                1 => $needed[0],
                default => max($needed[$count - 1], self::lineAt($needed, $count)),
            },
        );
    }

    /**
     * The least-squares line through what each needed, by how many the set had finished before it.
     *
     * @param  list<float>  $needed
     */
    private static function lineAt(array $needed, int $x): float
    {
        $count = count($needed);
        $meanX = ($count - 1) / 2;
        $meanY = array_sum($needed) / $count;
        $products = $squares = 0.0;
        foreach ($needed as $index => $seconds) {
            $products += ($index - $meanX) * ($seconds - $meanY);
            $squares += ($index - $meanX) ** 2;
        }

        return $meanY + ($products / $squares) * ($x - $meanX);
    }

    /** A hair above a multiple of five is that multiple: it comes of adding fractions. */
    private static function roundedUp(float $seconds): int
    {
        return (int) ceil(round($seconds / self::ROUNDED_UP_TO, 9)) * self::ROUNDED_UP_TO;
    }
}
