<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use DateTimeImmutable;

/**
 * The day by which a plan can be ready as long as nobody loads the machines: its parts come, then its machine hours are worked, a day at a
 * time, not on Saturdays and Sundays.
 */
final class ReadyDay
{
    /** What one engine gets of a working day; the others get the rest. */
    private const MINUTES_A_DAY = 240;

    private const SATURDAY = 6;

    public static function of(DateTimeImmutable $begun, int $leadDays, int $minutes): DateTimeImmutable
    {
        $day = $begun->setTime(0, 0)->modify("+{$leadDays} days");
        for ($left = max(1, (int) ceil($minutes / self::MINUTES_A_DAY)); $left > 0; $left--) {
            do {
                $day = $day->modify('+1 day');
            } while ((int) $day->format('N') >= self::SATURDAY);
        }

        return $day;
    }
}
