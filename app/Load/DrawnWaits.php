<?php

declare(strict_types=1);

namespace App\Load;

use App\Words\Line;
use NorthLedger\Core\Scheduling\Placement;

/** What work waits for that no machine does: dotted lines, with their reason where there is room beside the bars. */
final readonly class DrawnWaits
{
    private const LETTER_WIDTH = 6.0;

    private const MARGINS = 14;

    private const INDENT = 8;

    public function __construct(private PlannedLoad $plan, private TimeAxis $axis)
    {
    }

    /**
     * One after the other: what waits at the same time as another is in the list.
     *
     * @param  list<Placement>  $placements  At one machine, by their start
     * @param  list<Bar>  $bars
     * @return list<array{x: float, to: float, text: string, textX: ?float}> A text without room has no place
     */
    public function all(array $placements, array $bars): array
    {
        $waits = [];
        $taken = $this->axis->x($this->axis->begins());
        foreach ($placements as $placement) {
            $job = $this->plan->jobOf($placement->operation);
            $awaited = $job->awaited[PlannedLoad::kindOf($placement->operation)->value] ?? null;
            $begins = $this->axis->x($this->plan->at($this->plan->readyFor($placement->operation)));
            $ends = $this->axis->x($this->plan->at($placement->start));
            if ($awaited === null || ! $this->axis->shows($this->plan->now, $awaited->on) || $ends <= $begins || $begins < $taken) {
                continue;
            }
            $text = Line::of($awaited->part === null ? 'load.waits_answer' : 'load.waits', [
                'number' => $job->number(),
                'what' => LoadWords::part($awaited->part),
                'day' => LoadWords::day($awaited->on),
            ]);
            $waits[] = [
                'x' => round($begins, 2),
                'to' => round($ends, 2),
                'text' => $text,
                'textX' => self::roomFor($text, $begins, $ends, $bars),
            ];
            $taken = $ends;
        }

        return $waits;
    }

    /** @param  list<Bar>  $bars */
    private static function roomFor(string $text, float $from, float $to, array $bars): ?float
    {
        $needed = mb_strlen($text) * self::LETTER_WIDTH + self::MARGINS;
        $free = $from;
        foreach ($bars as $bar) {
            if ($bar->x + $bar->width > $free && $bar->x < $to) {
                if ($bar->x - $free >= $needed) {
                    return round($free + self::INDENT, 2);
                }
                $free = max($free, $bar->x + $bar->width);
            }
        }

        return $to - $free >= $needed ? round($free + self::INDENT, 2) : null;
    }
}
