<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What costs points when a block is judged (PRAC-2). A wrong “can stay” weighs more than a wrong “cannot”: that engine comes back. */
enum Deduction: string
{
    case FalseStay = 'false stay';
    case FalseCut = 'false cut';
    case OtherWay = 'other way';
    case OffReading = 'off reading';
    case TooEarly = 'too early';
    case NeedlessReading = 'needless reading';
    case DriftMissed = 'drift missed';

    /** For each time. */
    public function points(): int
    {
        return match ($this) {
            self::FalseStay => 60,
            self::FalseCut => 30,
            self::OtherWay => 20,
            self::DriftMissed => 15,
            self::TooEarly => 10,
            self::OffReading => 5,
            self::NeedlessReading => 1,
        };
    }

    /** However often. */
    public function most(): int
    {
        return match ($this) {
            self::OffReading => 20,
            self::NeedlessReading => 15,
            default => $this->points(),
        };
    }
}
