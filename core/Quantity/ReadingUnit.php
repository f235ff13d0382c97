<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** The unit in which a gauge shows deviations from its zero (QTY-3). */
enum ReadingUnit: string
{
    case Thou = 'thou';
    case Tenths = 'tenths';
    case HundredthMillimetre = '0.01mm';
    case Micrometre = 'um';

    public function nanometres(): int
    {
        return match ($this) {
            self::Thou => 25_400,
            self::Tenths => 2_540,
            self::HundredthMillimetre => 10_000,
            self::Micrometre => 1_000,
        };
    }

    public function label(): string
    {
        return match ($this) {
            self::Thou => 'thou',
            self::Tenths => 'tenths',
            self::HundredthMillimetre => '0.01 mm',
            self::Micrometre => 'µm',
        };
    }
}
