<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** Standard and the sizes that are offered beside it: oversizes, undersizes, line-bore steps (BORE-4, JRNL-2, LINE-2). */
final readonly class Steps
{
    /** @param  list<Length>  $steps  Beside standard, ascending */
    public function __construct(private array $steps)
    {
    }

    /** The step nearest to how far a size is off standard; of two as near the first. */
    public function nearest(Length $off): Length
    {
        $nearest = Length::zero();
        $distance = abs($off->nanometres);
        foreach ($this->steps as $step) {
            $farther = $distance;
            $distance = min($farther, abs($off->nanometres - $step->nanometres));
            $nearest = $distance < $farther ? $step : $nearest;
        }

        return $nearest;
    }

    /** The same, where it is no farther than a tolerance; null where it is no step at all. */
    public function within(Length $off, Length $tolerance): ?Length
    {
        $nearest = $this->nearest($off);

        return $off->minus($nearest)->absolute()->isLargerThan($tolerance) ? null : $nearest;
    }
}
