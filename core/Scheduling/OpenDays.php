<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

use DateTimeImmutable;

/** The open minutes of a week's hours over coming days (LOAD-1). */
final class OpenDays
{
    /**
     * Days are those of the zero's own time zone: where a clock is changed, a day has its own number of minutes.
     *
     * @param  DateTimeImmutable  $zero  Minute 0; the first day is the one that it is in
     * @return list<array{int, int}> Ascending
     */
    public static function spans(WeekHours $hours, DateTimeImmutable $zero, int $days): array
    {
        $spans = [];
        for ($day = 0, $midnight = $zero->setTime(0, 0); $day < $days; $day++, $midnight = $midnight->modify('+1 day')) {
            foreach ($hours->on((int) $midnight->format('N') - 1) as [$from, $to]) {
                $spans[] = [self::minute($zero, $midnight, $from), self::minute($zero, $midnight, $to)];
            }
        }

        return $spans;
    }

    /** The minute in which something happens, before or after the zero. */
    public static function minuteOf(DateTimeImmutable $zero, DateTimeImmutable $at): int
    {
        return (int) floor(($at->getTimestamp() - $zero->getTimestamp()) / 60);
    }

    private static function minute(DateTimeImmutable $zero, DateTimeImmutable $midnight, int $minuteOfDay): int
    {
        return self::minuteOf($zero, $midnight->setTime(intdiv($minuteOfDay, 60), $minuteOfDay % 60));
    }
}
