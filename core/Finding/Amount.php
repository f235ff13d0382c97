<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\Length;

/** A value of any kind that is read on a sheet: whole nanometres or micrograms, or cubic millimetres. */
final readonly class Amount
{
    private function __construct(public Measurand $measurand, public int|float $value)
    {
    }

    public static function of(Measurand $measurand, int|float $value): self
    {
        return new self($measurand, $value);
    }

    public static function size(Length $length): self
    {
        return new self(Measurand::Size, $length->nanometres);
    }

    /** A difference, a depth, a play. */
    public static function distance(Length $length): self
    {
        return new self(Measurand::Distance, $length->nanometres);
    }

    public static function mass(int $micrograms): self
    {
        return new self(Measurand::Mass, $micrograms);
    }

    public function length(): Length
    {
        return Length::ofNanometres((int) round($this->value));
    }

    public function minus(self $other): self
    {
        return new self($this->measurand, $this->value - $other->value);
    }

    public function isNegative(): bool
    {
        return $this->value < 0;
    }
}
