<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** In what a job keys and reads pressures; they are kept in kPa. */
enum PressureUnit: string
{
    case PoundsPerSquareInch = 'psi';
    case Bar = 'bar';

    public static function of(LengthUnit $unit): self
    {
        return $unit === LengthUnit::Inch ? self::PoundsPerSquareInch : self::Bar;
    }

    public function toKilopascals(float $shown): float
    {
        return round($shown * $this->kilopascals(), 3);
    }

    /** To a tenth of a psi, or a hundredth of a bar. */
    public function fromKilopascals(float $kilopascals): float
    {
        return round($kilopascals / $this->kilopascals(), $this === self::Bar ? 2 : 1);
    }

    /** As people read it: `20.3 psi`. */
    public function shown(float $kilopascals): string
    {
        return "{$this->fromKilopascals($kilopascals)} {$this->value}";
    }

    private function kilopascals(): float
    {
        return $this === self::Bar ? 100.0 : 6.894757;
    }
}
