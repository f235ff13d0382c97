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
    /** The verdict could not be known yet. */
    case MissingReading = 'missing reading';
    /** Nothing that stays is said to be good unseen. */
    case SkippedLook = 'skipped look';
    case NotCheckedBack = 'not checked back';
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
            self::OffReading, self::NotCheckedBack => 5,
            self::MissingReading => 2,
            self::NeedlessReading, self::SkippedLook => 1,
        };
    }

    /** However often. */
    public function most(): int
    {
        return match ($this) {
            self::MissingReading => 40,
            self::OffReading => 20,
            self::NeedlessReading => 15,
            self::SkippedLook => 10,
            default => $this->points(),
        };
    }
}
