<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** The hours in which a machine is worked, by the day of the week; breaks are what is left out (LOAD-1). */
final readonly class WeekHours
{
    public const DAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

    private const DAY_MINUTES = 1440;

    /** @param  array<string, list<array{int, int}>>  $days  Minutes of the day, ascending, by the day */
    private function __construct(private array $days)
    {
    }

    /**
     * @param  array<string, string>  $days  “8:00–12:00, 12:30–17:00” by the day; empty where it is closed
     *
     * @throws SchedulingException If a day's hours cannot be read, overlap, or end before they begin
     */
    public static function of(array $days): self
    {
        $read = [];
        foreach (self::DAYS as $day) {
            $read[$day] = self::day($day, $days[$day] ?? '');
        }

        return new self($read);
    }

    /** @return array<string, string> As they are written, by the day */
    public function written(): array
    {
        return array_map(
            static fn (array $spans): string => implode(
                ', ',
                array_map(static fn (array $span): string => self::clock($span[0]).'–'.self::clock($span[1]), $spans),
            ),
            $this->days,
        );
    }

    /**
     * @param  int  $weekday  0: Monday
     * @return list<array{int, int}> Minutes of the day
     */
    public function on(int $weekday): array
    {
        return $this->days[self::DAYS[$weekday]];
    }

    /**
     * The earliest minute of any day at which it opens, and the latest at which it closes; the whole day where it never opens.
     *
     * @return array{int, int}
     */
    public function widest(): array
    {
        $spans = array_merge(...array_values($this->days));

        return $spans === [] ? [0, self::DAY_MINUTES] : [min(array_column($spans, 0)), max(array_column($spans, 1))];
    }

    public function isEmpty(): bool
    {
        return array_filter($this->days) === [];
    }

    /** @return list<array{int, int}> */
    private static function day(string $day, string $text): array
    {
        $spans = [];
        foreach (array_filter(array_map(trim(...), preg_split('/[,;]|\band\b/u', $text) ?: [])) as $span) {
            if (preg_match('/^(\d{1,2})(?:[:.](\d{2}))?\s*(?:-|–|to)\s*(\d{1,2})(?:[:.](\d{2}))?$/u', $span, $match) !== 1) {
                throw SchedulingException::hours($day, $span);
            }
            $from = (int) $match[1] * 60 + (int) $match[2];
            $to = (int) $match[3] * 60 + (int) ($match[4] ?? 0);
            $last = $spans === [] ? 0 : $spans[count($spans) - 1][1];
            if ((int) $match[2] > 59 || (int) ($match[4] ?? 0) > 59 || $to > self::DAY_MINUTES || $to <= $from || $from < $last) {
                throw SchedulingException::hours($day, $span);
            }
            $spans[] = [$from, $to];
        }

        return $spans;
    }

    private static function clock(int $minute): string
    {
        return sprintf('%d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
