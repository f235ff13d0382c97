<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadPin;
use App\Words\Line;
use DateTimeImmutable;
use NorthLedger\Core\Scheduling\Placement;

/** Pieces of work as bars of one machine: where they stand, what there is room to write on them, how they move. */
final readonly class DrawnBars
{
    private const LEAST_WIDTH = 9;

    /** Room that letters take, bold numbers and small words. */
    private const NUMBER_WIDTH = 44;

    private const SIGNED_WIDTH = 62;

    private const UPRIGHT_WIDTH = 14;

    private const LETTER_WIDTH = 6.0;

    private const MARGINS = 12;

    /** @param  array<string, LoadPin>  $pins  By operation */
    public function __construct(private PlannedLoad $plan, private TimeAxis $axis, private array $pins)
    {
    }

    /**
     * @param  list<Placement>  $placements
     * @param  list<DoneWork>  $done
     * @return list<Bar> As far as they are shown
     */
    public function all(array $placements, array $done): array
    {
        $bars = [];
        foreach ($done as $one) {
            if ($this->axis->shows($one->from, $one->to)) {
                $bars[] = $this->done($one);
            }
        }
        foreach ($placements as $placement) {
            $from = $this->begun($placement->operation) ?? $this->plan->at($placement->start);
            if ($this->axis->shows($from, $this->plan->at($placement->end))) {
                $bars[] = $this->planned($placement, $from);
            }
        }

        return $bars;
    }

    private function done(DoneWork $one): Bar
    {
        $work = Line::ofCode('load.short', $one->kind);
        $title = Line::of('load.bar', [
            'number' => substr($one->tag, 3),
            'work' => $work,
            'machine' => LoadWords::unit($one->unit),
            'from' => LoadWords::at($one->from),
            'to' => LoadWords::at($one->to),
            'state' => Line::ofCode('load.state', BarState::Done),
        ]);
        $span = $this->span($one->from, $one->to);

        return $this->bar('', "/jobs/{$one->tag}/work", $span, [substr($one->tag, 3), $work, $title], BarState::Done, null, '');
    }

    private function planned(Placement $placement, DateTimeImmutable $from): Bar
    {
        $job = $this->plan->jobOf($placement->operation);
        $kind = PlannedLoad::kindOf($placement->operation);
        $pin = $this->pins[$placement->operation] ?? null;
        $kept = $pin !== null && $this->plan->load->operations[$placement->operation]->pinned !== null ? $pin : null;
        $state = $this->plan->stateOf($placement->operation, $kept !== null);
        $work = LoadWords::work($kind, $job->left($kind));
        $title = Line::of('load.bar_of', [
            'number' => $job->number(),
            'work' => $work,
            'machine' => LoadWords::unit((string) $placement->machine),
            'from' => LoadWords::at($from),
            'to' => LoadWords::at($this->plan->at($placement->end)),
            'state' => self::said($state, $kept !== null),
            'tag' => $job->tag,
            'engine' => $job->engine,
            'customer' => $job->customer,
        ]);

        return $this->bar(
            $placement->operation,
            $job->address($kind),
            $this->span($from, $this->plan->at($placement->end)),
            [$job->number(), $work, $title],
            $state,
            $kept,
            $this->plan->at($placement->start)->format('Y-m-d\TH:i'),
            LoadPin::mark($pin),
        );
    }

    private static function said(BarState $state, bool $isPinned): string
    {
        $said = Line::ofCode('load.state', $state);

        return $isPinned && $state !== BarState::Pinned ? "{$said}, ".Line::ofCode('load.state', BarState::Pinned) : $said;
    }

    /**
     * @param  array{float, float}  $span
     * @param  array{string, string, string}  $words  Number, work, and all of it
     */
    private function bar(
        string $code,
        string $address,
        array $span,
        array $words,
        BarState $state,
        ?LoadPin $kept,
        string $starts,
        string $mark = '',
    ): Bar {
        [$x, $width] = $span;
        [$number, $work, $title] = $words;
        $isWide = $width >= self::NUMBER_WIDTH;
        $sign = $state->sign();

        return new Bar(
            $code,
            $address,
            round($x, 2),
            round($width, 2),
            round($width / 2, 2),
            $isWide ? trim($width >= self::SIGNED_WIDTH ? "{$number} {$sign}" : $number) : '',
            ! $isWide && $width >= self::UPRIGHT_WIDTH ? $number : '',
            $isWide ? '' : $sign,
            $isWide ? LoadWords::fitted($work, (int) floor(($width - self::MARGINS) / self::LETTER_WIDTH)) : '',
            $state,
            $kept !== null,
            $title,
            $starts,
            $mark,
            $code !== '' && $state !== BarState::Running,
        );
    }

    /** Since when it runs; null where it does not. */
    private function begun(string $operation): ?DateTimeImmutable
    {
        $since = $this->plan->jobOf($operation)->record->clocks[PlannedLoad::kindOf($operation)->value]['since'] ?? null;

        return $since === null ? null : new DateTimeImmutable($since);
    }

    /** @return array{float, float} */
    private function span(DateTimeImmutable $from, DateTimeImmutable $to): array
    {
        return $this->axis->span($from, $to, self::LEAST_WIDTH);
    }
}
