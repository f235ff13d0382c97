<?php

declare(strict_types=1);

namespace App\Load;

use DateTimeImmutable;
use NorthLedger\Core\Scheduling\WeekHours;

/** Days across the drawing: each as wide as the hours in which the shop can be open, nights left out, closed days narrow. */
final readonly class TimeAxis
{
    private const CLOSED_WEIGHT = 0.18;

    private const NAME_WIDTH = 80;

    /** @param  list<array{x: float, width: float, from: DateTimeImmutable, to: DateTimeImmutable, isOpen: bool, label: string}>  $days */
    private function __construct(public array $days)
    {
    }

    public static function of(DateTimeImmutable $first, Zoom $zoom, WeekHours $hours, float $left, float $width): self
    {
        [$opens, $closes] = $hours->widest();
        $weights = $midnights = [];
        for ($day = 0; $day < $zoom->days(); $day++) {
            $midnight = $first->setTime(0, 0)->modify("+{$day} days");
            $midnights[] = $midnight;
            $isOpen = $zoom === Zoom::Day || $hours->isEmpty() || $hours->on((int) $midnight->format('N') - 1) !== [];
            $weights[] = $isOpen ? 1.0 : self::CLOSED_WEIGHT;
        }
        $days = [];
        foreach ($midnights as $index => $midnight) {
            $share = ($width * $weights[$index]) / array_sum($weights);
            $days[] = [
                'x' => round($left, 2),
                'width' => round($share, 2),
                'from' => $midnight->modify("+{$opens} minutes"),
                'to' => $midnight->modify("+{$closes} minutes"),
                'isOpen' => $weights[$index] === 1.0,
                'label' => self::label($midnight, $share, $weights[$index] === 1.0),
            ];
            $left += $share;
        }

        return new self($days);
    }

    public function begins(): DateTimeImmutable
    {
        return $this->days[0]['from']->setTime(0, 0);
    }

    public function ends(): DateTimeImmutable
    {
        return $this->days[count($this->days) - 1]['from']->setTime(0, 0)->modify('+1 day');
    }

    /** Where a moment stands; one in the night stands between its days, one before or after all days at their edge. */
    public function x(DateTimeImmutable $at): float
    {
        foreach ($this->days as $day) {
            if ($at < $day['to']) {
                $length = max(1, $day['to']->getTimestamp() - $day['from']->getTimestamp());

                return $day['x'] + $day['width'] * max(0.0, ($at->getTimestamp() - $day['from']->getTimestamp()) / $length);
            }
        }
        $last = $this->days[count($this->days) - 1];

        return $last['x'] + $last['width'];
    }

    /** @return array{float, float} Where it begins, and how wide it is, at the least so much */
    public function span(DateTimeImmutable $from, DateTimeImmutable $to, float $least): array
    {
        $x = $this->x($from);

        return [$x, max($least, $this->x($to) - $x)];
    }

    public function shows(DateTimeImmutable $from, DateTimeImmutable $to): bool
    {
        return $to > $this->begins() && $from < $this->ends();
    }

    /** Its name where there is room for it, else its number; a narrow day that is closed has none. */
    private static function label(DateTimeImmutable $day, float $width, bool $isOpen): string
    {
        return match (true) {
            $width >= self::NAME_WIDTH => $day->format('D j M'),
            $isOpen => $day->format('j'),
            default => '',
        };
    }
}
