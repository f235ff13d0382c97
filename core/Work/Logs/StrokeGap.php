<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** How near a longer stroke comes to the block at one place, at the turned crankshaft, and what has to be ground there (WORK-1). */
final readonly class StrokeGap
{
    private function __construct(public string $place, public Length $gap, public Length $wanted, public ?Length $wall)
    {
    }

    /**
     * @param  Length  $gap  Zero where they touch
     * @param  ?Length  $wall  There, before anything is ground; null where nobody measured it
     *
     * @throws PlanningException If the gap is negative, or the wanted gap or the wall is not above zero
     */
    public static function of(string $place, Length $gap, Length $wanted, ?Length $wall): self
    {
        $gap->isNegative() && throw PlanningException::impossible('gap', $gap->nanometres);
        $wanted->isPositive() || throw PlanningException::impossible('wanted_gap', $wanted->nanometres);
        $wall === null || $wall->isPositive() || throw PlanningException::impossible('wall', $wall->nanometres);

        return new self($place, $gap, $wanted, $wall);
    }

    /** Zero where the gap is enough; equal is. */
    public function grind(): Length
    {
        return Length::largest($this->wanted->minus($this->gap), Length::zero());
    }

    /** Null where the wall was not measured; zero or less where it would be ground through. */
    public function wallLeft(): ?Length
    {
        return $this->wall?->minus($this->grind());
    }

    public function goesThrough(): bool
    {
        $left = $this->wallLeft();

        return $left !== null && ! $left->isPositive();
    }
}
