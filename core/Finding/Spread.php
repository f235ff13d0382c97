<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** Largest less smallest of some readings, with the two that make it. */
final readonly class Spread
{
    private function __construct(public Reading $largest, public Reading $smallest)
    {
    }

    /**
     * Null where the readings do not all count from one zero (GAUGE-2).
     *
     * @param  non-empty-array<Reading>  $readings
     */
    public static function across(array $readings): ?self
    {
        $first = reset($readings);
        foreach ($readings as $reading) {
            if (! $reading->isComparableWith($first)) {
                return null;
            }
        }

        return self::of($readings);
    }

    /** @param  non-empty-array<Reading>  $readings  That are comparable */
    public static function of(array $readings): self
    {
        $largest = $smallest = reset($readings);
        foreach ($readings as $reading) {
            $largest = $reading->corrected->nanometres > $largest->corrected->nanometres ? $reading : $largest;
            $smallest = $reading->corrected->nanometres < $smallest->corrected->nanometres ? $reading : $smallest;
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

    /** Half way between the two. */
    public function middle(): Length
    {
        return $this->largest->corrected->plus($this->smallest->corrected)->half();
    }

    public function uncertainty(): Uncertainty
    {
        return $this->largest->differenceUncertainty($this->smallest);
    }
}
