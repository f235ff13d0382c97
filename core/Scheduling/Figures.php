<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** What a schedule is worth; the first that differs decides (LOAD-3). */
final readonly class Figures
{
    public function __construct(public float|int $weightedLateness, public float|int $weightedEnd, public int $setups)
    {
    }

    /** Below zero where this is better than the other. */
    public function comparedTo(self $other): int
    {
        return [$this->weightedLateness, $this->weightedEnd, $this->setups] <=> [
            $other->weightedLateness,
            $other->weightedEnd,
            $other->setups,
        ];
    }

    public function isBetterThan(?self $other): bool
    {
        return $other === null || $this->comparedTo($other) < 0;
    }
}
