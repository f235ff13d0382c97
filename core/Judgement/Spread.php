<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Gauging\Reading;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;

/** Largest less smallest of some readings, with the two that make it. */
final readonly class Spread
{
    private function __construct(public Reading $largest, public Reading $smallest)
    {
    }

    /** @param  non-empty-array<Reading>  $readings */
    public static function of(array $readings): self
    {
        $largest = $smallest = reset($readings);
        foreach ($readings as $reading) {
            $largest = $reading->corrected->isLargerThan($largest->corrected) ? $reading : $largest;
            $smallest = $reading->corrected->isSmallerThan($smallest->corrected) ? $reading : $smallest;
        }

        return new self($largest, $smallest);
    }

    /**
     * @param  array<?self>  $spreads
     */
    public static function widest(array $spreads): ?self
    {
        $widest = null;
        foreach ($spreads as $spread) {
            if ($spread !== null && ($widest === null || $spread->value()->isLargerThan($widest->value()))) {
                $widest = $spread;
            }
        }

        return $widest;
    }

    public function value(): Length
    {
        return $this->largest->corrected->minus($this->smallest->corrected);
    }

    public function uncertainty(): Uncertainty
    {
        $larger = $this->largest->differenceUncertainty();
        $smaller = $this->smallest->differenceUncertainty();

        return $larger->isLargerThan($smaller) ? $larger : $smaller;
    }
}
