<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** In what a shop keys and reads temperatures; they are kept in °C. */
enum TemperatureUnit: string
{
    case Celsius = 'C';
    case Fahrenheit = 'F';

    public function toCelsius(float $shown): float
    {
        return $this === self::Celsius ? $shown : ($shown - 32) / 1.8;
    }

    /** To a tenth. */
    public function fromCelsius(float $celsius): float
    {
        return round($this === self::Celsius ? $celsius : $celsius * 1.8 + 32, 1);
    }

    public function fromKnown(?float $celsius): ?float
    {
        return $celsius === null ? null : $this->fromCelsius($celsius);
    }

    /** As people read it: `68 °F`. */
    public function shown(float $celsius): string
    {
        return "{$this->fromCelsius($celsius)} {$this->label()}";
    }

    public function label(): string
    {
        return "°{$this->value}";
    }
}
