<?php

declare(strict_types=1);

namespace App\Pages;

use App\Words\Line;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;

/** How a place stands (VER-1), with the sign that goes beside its colour. */
enum CellState: string
{
    case Missing = 'missing';
    case Good = 'good';
    /** Read, and nobody knows how much of it is allowed. */
    case NoLimit = 'no-limit';
    /** Good in itself; a finding that fails rests on it. */
    case Basis = 'basis';
    case Close = 'close';
    case Undecided = 'undecided';
    case Suspect = 'suspect';
    case Out = 'out';

    public static function ofFinding(Finding $finding): self
    {
        return match (true) {
            $finding->outcome === Outcome::Fail => self::Out,
            $finding->outcome === Outcome::Undecided => self::Undecided,
            $finding->outcome === Outcome::NoLimit => self::NoLimit,
            $finding->isCloseCall, $finding->outcome === Outcome::Concession => self::Close,
            default => self::Good,
        };
    }

    /** How a reading looks that a finding rests on: past a limit only where it alone is what is past it. */
    public static function ofReading(Finding $finding): self
    {
        $state = self::ofFinding($finding);

        return count($finding->places) > 1 && ! in_array($state, [self::Good, self::NoLimit], true) ? self::Basis : $state;
    }

    public static function worse(self $a, self $b): self
    {
        return $a === $b || $a->rank() >= $b->rank() ? $a : $b;
    }

    public function sign(): string
    {
        return match ($this) {
            self::Out => '▲',
            self::Close => '◆',
            self::Undecided => '◇',
            self::Suspect => '?',
            self::NoLimit => '○',
            self::Good, self::Missing, self::Basis => '',
        };
    }

    public function word(): string
    {
        return $this === self::Good ? '' : Line::ofCode('sheet.cell', $this);
    }

    /** The higher, the worse. */
    private function rank(): int
    {
        return match ($this) {
            self::Missing => 0,
            self::Good => 1,
            self::NoLimit => 2,
            self::Basis => 3,
            self::Close => 4,
            self::Undecided => 5,
            self::Suspect => 6,
            self::Out => 7,
        };
    }
}
