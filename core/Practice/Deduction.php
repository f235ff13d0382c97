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
    /** A part of a whole engine was called better than it is, or worse, or nobody said. */
    case TooGood = 'too good';
    case TooBad = 'too bad';
    /** Nobody looked for cracks in it. */
    case UncheckedPart = 'unchecked part';
    case MisplacedLine = 'misplaced line';

    /** For each time. */
    public function points(): int
    {
        return match ($this) {
            self::FalseStay => 60,
            self::FalseCut, self::TooGood => 30,
            self::TooBad => 15,
            self::MisplacedLine => 10,
            self::OtherWay => 20,
            self::DriftMissed => 15,
            self::OffReading, self::NotCheckedBack, self::UncheckedPart => 5,
            self::MissingReading => 2,
            self::NeedlessReading, self::SkippedLook => 1,
        };
    }

    /** However often. */
    public function most(): int
    {
        return match ($this) {
            self::TooGood => 60,
            self::MissingReading, self::TooBad => 40,
            self::OffReading, self::UncheckedPart, self::MisplacedLine => 20,
            self::NeedlessReading => 15,
            self::SkippedLook => 10,
            default => $this->points(),
        };
    }

    public function lostBy(int $times): int
    {
        return min($this->most(), $times * $this->points());
    }
}
