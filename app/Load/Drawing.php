<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadPin;
use App\Words\Line;
use DateTimeImmutable;
use NorthLedger\Core\Scheduling\Placement;
use NorthLedger\Core\Scheduling\WeekHours;

/** Machines down, days across: the drawing of the load. */
final readonly class Drawing
{
    public const WIDTH = 1184;

    private const LEFT = 150;

    private const TOP = 42;

    private const ROW = 66;

    private const BELOW_THE_DAYS = 26;

    private const FOOT = 4;

    /** A reason is written into a closed span that is at least so wide. */
    private const WRITTEN_WIDTH = 90;

    private const LONGEST_BELOW = 22;

    /**
     * @param  list<MachineRow>  $rows
     * @param  ?float  $nowX  Null where now is not shown
     */
    private function __construct(public TimeAxis $axis, public array $rows, public ?float $nowX)
    {
    }

    /**
     * @param  list<DoneWork>  $done
     * @param  array<string, LoadPin>  $pins  By operation
     */
    public static function of(PlannedLoad $plan, TimeAxis $axis, DateTimeImmutable $now, array $done, array $pins): self
    {
        $bars = new DrawnBars($plan, $axis, $pins);
        $waits = new DrawnWaits($plan, $axis);
        $rows = [];
        foreach ($plan->byUnit() as $unit => $placements) {
            $drawn = $bars->all($placements, array_values(array_filter($done, static fn (DoneWork $one): bool => $one->unit === $unit)));
            if ($placements !== [] || $drawn !== []) {
                $rows[] = new MachineRow(
                    $unit,
                    ucfirst(LoadWords::unit($unit)),
                    self::below($plan, $unit, $placements, $now),
                    self::TOP + self::ROW * count($rows),
                    $drawn,
                    self::closed($plan, $unit, $axis),
                    $waits->all($placements, $drawn),
                );
            }
        }

        return new self($axis, $rows, $axis->shows($now, $now->modify('+1 second')) ? round($axis->x($now), 2) : null);
    }

    public static function axisOf(DateTimeImmutable $first, Zoom $zoom, WeekHours $hours): TimeAxis
    {
        return TimeAxis::of($first, $zoom, $hours, self::LEFT, self::WIDTH - self::LEFT);
    }

    /** Down to the last rule. */
    public function bottom(): int
    {
        return self::TOP + self::ROW * count($this->rows);
    }

    public function height(): int
    {
        return $this->bottom() + self::FOOT;
    }

    /** Of the columns of days below their names. */
    public function columnHeight(): int
    {
        return $this->bottom() - self::BELOW_THE_DAYS;
    }

    /** @param  list<Placement>  $placements */
    private static function below(PlannedLoad $plan, string $unit, array $placements, DateTimeImmutable $now): string
    {
        foreach ($plan->closuresAt($unit) as $closure) {
            if ($closure->begins_at <= $now && $closure->ends_at > $now) {
                return mb_strimwidth($closure->words(), 0, self::LONGEST_BELOW, '…');
            }
        }
        $minutes = array_sum(array_map(static fn (Placement $one): int => $plan->minutesOf($one), $placements));

        return $minutes === 0 ? '' : Line::of('load.hours_planned', ['hours' => LoadWords::hours($minutes)]);
    }

    /** @return list<array{x: float, width: float, why: string, isWritten: bool}> */
    private static function closed(PlannedLoad $plan, string $unit, TimeAxis $axis): array
    {
        $closed = [];
        foreach ($plan->closuresAt($unit) as $closure) {
            [$from, $to] = [$closure->begins_at->toDateTimeImmutable(), $closure->ends_at->toDateTimeImmutable()];
            if ($axis->shows($from, $to)) {
                [$x, $width] = $axis->span($from, $to, 0);
                $closed[] = [
                    'x' => round($x, 2),
                    'width' => round($width, 2),
                    'why' => $closure->words(),
                    'isWritten' => $width > self::WRITTEN_WIDTH,
                ];
            }
        }

        return $closed;
    }
}
