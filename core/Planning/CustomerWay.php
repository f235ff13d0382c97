<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Quantity\Money;

/** One of the plans that a customer chooses among, and what it wins and loses against the recommended one (PLAN-4). */
final readonly class CustomerWay
{
    /**
     * @param  list<WayKind>  $kinds  All that it is: plans that are the same are one way
     * @param  Money  $more  Than the recommended; below zero: less
     * @param  array<string, int>  $moreLife  Further steps more than the recommended leaves, by part; only those that differ
     */
    private function __construct(public array $kinds, public EnginePlan $plan, public Money $more, public array $moreLife)
    {
    }

    /**
     * @param  EnginePlan  $recommended  First of all ways, whatever the others are
     * @return list<self> At most three
     */
    public static function all(EnginePlan $recommended, ?EnginePlan $cheapest, ?EnginePlan $longestLived): array
    {
        $plans = [$recommended];
        $kinds = [];
        foreach (
            [[WayKind::Recommended, $recommended], [WayKind::Cheapest, $cheapest], [WayKind::LongestLived, $longestLived]] as [$kind, $plan]
        ) {
            if ($plan !== null) {
                $same = array_keys(array_filter($plans, $plan->isSameAs(...)))[0] ?? count($plans);
                $plans[$same] = $plan;
                $kinds[$same] = [...$kinds[$same] ?? [], $kind];
            }
        }
        $ways = [];
        foreach ($plans as $index => $plan) {
            $ways[] = self::against($recommended, $kinds[$index] ?? [], $plan);
        }

        return $ways;
    }

    /** The code of the way: what it is first of all. */
    public function code(): string
    {
        return $this->kinds[0]->value;
    }

    /** @param  list<WayKind>  $kinds */
    private static function against(EnginePlan $recommended, array $kinds, EnginePlan $plan): self
    {
        $life = [];
        foreach ($plan->choices as $part => $choice) {
            $other = $recommended->choices[$part]->life ?? null;
            if ($choice->life !== null && $other !== null && $choice->life !== $other) {
                $life[$part] = $choice->life - $other;
            }
        }

        return new self($kinds, $plan, $plan->cost->minus($recommended->cost), $life);
    }
}
