<?php

declare(strict_types=1);

namespace App\Load;

use App\Storage\LoadPin;
use App\Words\Line;
use NorthLedger\Core\Loading\MinutesOfWork;
use NorthLedger\Core\Scheduling\Placement;

/** One piece of work in the list form of the load. */
final readonly class ListLine
{
    private function __construct(
        public string $code,
        public string $tag,
        public string $address,
        public string $work,
        public string $engine,
        public string $when,
        public string $minutes,
        public BarState $state,
        public string $says,
        public string $waits,
        public string $starts,
        public bool $isPinned,
        public string $mark,
    ) {
    }

    public static function of(PlannedLoad $plan, Placement $placement, ?LoadPin $pin): self
    {
        $job = $plan->jobOf($placement->operation);
        $kind = PlannedLoad::kindOf($placement->operation);
        $awaited = $job->awaited[$kind->value] ?? null;
        $isPinned = $pin !== null && $plan->load->operations[$placement->operation]->pinned !== null;
        $state = $plan->stateOf($placement->operation, $isPinned);

        return new self(
            $placement->operation,
            $job->tag,
            $job->address($kind),
            LoadWords::work($kind, $job->left($kind)),
            "{$job->engine} · {$job->customer}",
            LoadWords::span($plan->at($placement->start), $plan->at($placement->end)),
            self::minutes($job->minutes[$kind->value]),
            $state,
            Line::ofCode('load.state', $state),
            $awaited === null ? '' : LoadWords::part($awaited->part).', '.LoadWords::day($awaited->on),
            $plan->at($placement->start)->format('Y-m-d\TH:i'),
            $isPinned,
            LoadPin::mark($pin),
        );
    }

    /** Set-up and run together, and what that rests on (LOAD-5). */
    private static function minutes(MinutesOfWork $minutes): string
    {
        $with = ['minutes' => $minutes->setup + $minutes->run, 'listed' => $minutes->listed];

        return match (true) {
            $minutes->jobs > 0 => Line::counted('load.minutes.learned', $minutes->jobs, $with),
            $minutes->isPriced => Line::of('load.minutes.listed', $with),
            default => Line::of('load.minutes.usual', $with),
        };
    }
}
