<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\Closure;
use App\Storage\LoadPin;
use App\Words\Line;
use DateTimeImmutable;
use NorthLedger\Core\Scheduling\Placement;
use NorthLedger\Core\Scheduling\Units;

/** Machines down, days across: where each piece of work stands on the drawing of the load. */
final readonly class Drawing
{
    public const WIDTH = 1184;

    private const LEFT = 150;

    private const TOP = 42;

    private const ROW = 66;

    private const BAR_TOP = 7;

    private const LEAST_WIDTH = 9;

    /** Room that letters take, bold numbers and small words. */
    private const NUMBER_WIDTH = 44;

    private const UPRIGHT_WIDTH = 14;

    private const LETTER_WIDTH = 6.0;

    /**
     * @param  list<MachineRow>  $rows
     * @param  ?float  $nowX  Null where now is not shown
     */
    private function __construct(public TimeAxis $axis, public array $rows, public float $height, public ?float $nowX)
    {
    }

    /**
     * @param  list<DoneWork>  $done
     * @param  array<string, LoadPin>  $pins  By operation
     */
    public static function of(PlannedLoad $plan, TimeAxis $axis, DateTimeImmutable $now, array $done, array $pins): self
    {
        $rows = [];
        $y = (float) self::TOP;
        foreach ($plan->byUnit() as $unit => $placements) {
            $finished = array_values(array_filter($done, static fn (DoneWork $one): bool => $one->unit === $unit));
            if (
                $placements !== [] ||
                array_filter($finished, static fn (DoneWork $one): bool => $axis->shows($one->from, $one->to)) !== []
            ) {
                $rows[] = (new self($axis, [], 0, null))->row($plan, $unit, $placements, $finished, $pins, $now, $y);
                $y += self::ROW;
            }
        }

        return new self($axis, $rows, $y, $axis->shows($now, $now->modify('+1 second')) ? $axis->x($now) : null);
    }

    public static function left(): float
    {
        return self::LEFT;
    }

    public static function axisWidth(): float
    {
        return self::WIDTH - self::LEFT;
    }

    /**
     * @param  list<Placement>  $placements
     * @param  list<DoneWork>  $done
     * @param  array<string, LoadPin>  $pins
     */
    private function row(
        PlannedLoad $plan,
        string $unit,
        array $placements,
        array $done,
        array $pins,
        DateTimeImmutable $now,
        float $y,
    ): MachineRow {
        $bars = [];
        foreach ($done as $one) {
            if ($this->axis->shows($one->from, $one->to)) {
                $bars[] = $this->doneBar($one, $y);
            }
        }
        foreach ($placements as $placement) {
            $from = $this->begun($plan, $placement) ?? $plan->at($placement->start);
            if ($this->axis->shows($from, $plan->at($placement->end))) {
                $bars[] = $this->bar($plan, $placement, $from, $pins[$placement->operation] ?? null, $y);
            }
        }
        $machine = Units::machineOf($unit);
        $closed = [];
        foreach ($plan->closuresAt($unit) as $closure) {
            if ($this->axis->shows($closure->begins_at->toDateTimeImmutable(), $closure->ends_at->toDateTimeImmutable())) {
                $closed[] = $this->closed($closure);
            }
        }

        return new MachineRow(
            $unit,
            $machine,
            ucfirst(LoadWords::unit($unit)),
            $this->below($plan, $unit, $placements, $now),
            $y,
            $bars,
            $closed,
            $this->waits($plan, $placements, $bars),
        );
    }

    /** @param  list<Placement>  $placements */
    private function below(PlannedLoad $plan, string $unit, array $placements, DateTimeImmutable $now): string
    {
        foreach ($plan->closuresAt($unit) as $closure) {
            if ($closure->begins_at <= $now && $closure->ends_at > $now) {
                return mb_strimwidth($closure->why, 0, 22, '…');
            }
        }
        $minutes = array_sum(array_map(static fn (Placement $one): int => $plan->minutesOf($one), $placements));

        return $minutes === 0 ? '' : LoadWords::hours($minutes);
    }

    private function doneBar(DoneWork $one, float $y): Bar
    {
        [$x, $width] = $this->span($one->from, $one->to);
        $title = Line::of('load.bar', [
            'number' => substr($one->tag, 3),
            'work' => Line::ofCode('load.short', $one->kind),
            'machine' => LoadWords::unit($one->unit),
            'from' => LoadWords::at($one->from),
            'to' => LoadWords::at($one->to),
            'state' => Line::ofCode('load.state', BarState::Done),
        ]);

        return $this->fitted(
            '',
            "/jobs/{$one->tag}/work",
            $x,
            $y,
            $width,
            substr($one->tag, 3),
            Line::ofCode('load.short', $one->kind),
            BarState::Done,
            null,
            false,
            $title,
            '',
        );
    }

    private function bar(PlannedLoad $plan, Placement $placement, DateTimeImmutable $from, ?LoadPin $pin, float $y): Bar
    {
        $job = $plan->jobOf($placement->operation);
        $kind = PlannedLoad::kindOf($placement->operation);
        $isPinned = $pin !== null && $plan->load->operations[$placement->operation]->pinned !== null;
        $state = $plan->stateOf($placement->operation, $isPinned);
        [$x, $width] = $this->span($from, $plan->at($placement->end));
        $work = LoadWords::work($kind, $job->left($kind));
        $title = Line::of('load.bar_of', [
            'number' => $job->number(),
            'work' => $work,
            'machine' => LoadWords::unit((string) $placement->machine),
            'from' => LoadWords::at($from),
            'to' => LoadWords::at($plan->at($placement->end)),
            'state' =>
                Line::ofCode('load.state', $state).
                ($isPinned && $state !== BarState::Pinned ? ', '.Line::ofCode('load.state', BarState::Pinned) : ''),
            'tag' => $job->tag,
            'engine' => $job->engine,
            'customer' => $job->customer,
        ]);

        return $this->fitted(
            $placement->operation,
            $job->address($kind),
            $x,
            $y,
            $width,
            $job->number(),
            $work,
            $state,
            $pin,
            $isPinned,
            $title,
            $plan->at($placement->start)->format('Y-m-d\TH:i'),
        );
    }

    private function fitted(
        string $code,
        string $address,
        float $x,
        float $y,
        float $width,
        string $number,
        string $work,
        BarState $state,
        ?LoadPin $pin,
        bool $isPinned,
        string $title,
        string $starts,
    ): Bar {
        $letters = (int) floor(($width - 12) / self::LETTER_WIDTH);

        return new Bar(
            $code,
            $address,
            $x,
            $y + self::BAR_TOP,
            $width,
            $width >= self::NUMBER_WIDTH ? $number : '',
            $width < self::NUMBER_WIDTH && $width >= self::UPRIGHT_WIDTH ? $number : '',
            $width >= self::NUMBER_WIDTH ? LoadWords::fitted($work, $letters) : '',
            $state,
            $isPinned,
            $state === BarState::Proposed,
            $title,
            $starts,
            LoadPin::mark($pin),
            $code !== '' && $state !== BarState::Running,
        );
    }

    /** Since when it runs; null where it does not. */
    private function begun(PlannedLoad $plan, Placement $placement): ?DateTimeImmutable
    {
        $since = $plan->jobOf($placement->operation)->record->clocks[PlannedLoad::kindOf($placement->operation)->value]['since'] ?? null;

        return $since === null ? null : new DateTimeImmutable($since);
    }

    /** @return array{x: float, width: float, why: string} */
    private function closed(Closure $closure): array
    {
        [$x, $width] = $this->span($closure->begins_at->toDateTimeImmutable(), $closure->ends_at->toDateTimeImmutable());

        return ['x' => $x, 'width' => $width, 'why' => $closure->why];
    }

    /**
     * What work waits for that no machine does: dotted lines below the bars, with their reason where there is room.
     *
     * @param  list<Placement>  $placements
     * @param  list<Bar>  $bars
     * @return list<array{x: float, to: float, text: string, textX: ?float, title: string}>
     */
    private function waits(PlannedLoad $plan, array $placements, array $bars): array
    {
        $waits = [];
        $taken = $this->axis->x($this->axis->begins());
        foreach ($placements as $placement) {
            $job = $plan->jobOf($placement->operation);
            $awaited = $job->awaited[PlannedLoad::kindOf($placement->operation)->value] ?? null;
            $begins = $this->axis->x($plan->at($plan->readyFor($placement->operation)));
            $ends = $this->axis->x($plan->at($placement->start));
            if ($awaited === null || ! $this->axis->shows($plan->now, $awaited->on) || $ends <= $begins || $begins < $taken) {
                continue;
            }
            $text = Line::of($awaited->part === null ? 'load.waits_answer' : 'load.waits', [
                'number' => $job->number(),
                'what' => LoadWords::part($awaited->part),
                'day' => LoadWords::day($awaited->on),
            ]);
            $waits[] = [
                'x' => $begins,
                'to' => $ends,
                'text' => $text,
                'textX' => self::roomFor($text, $begins, $ends, $bars),
                'title' => $text,
            ];
            $taken = $ends;
        }

        return $waits;
    }

    /** @param  list<Bar>  $bars */
    private static function roomFor(string $text, float $from, float $to, array $bars): ?float
    {
        $needed = mb_strlen($text) * self::LETTER_WIDTH + 14;
        $free = $from;
        foreach ($bars as $bar) {
            if ($bar->x + $bar->width > $free && $bar->x < $to) {
                if ($bar->x - $free >= $needed) {
                    return $free + 8;
                }
                $free = max($free, $bar->x + $bar->width);
            }
        }

        return $to - $free >= $needed ? $free + 8 : null;
    }

    /** @return array{float, float} */
    private function span(DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        $x = $this->axis->x($from);

        return [$x, max(self::LEAST_WIDTH, $this->axis->x($to) - $x)];
    }
}
