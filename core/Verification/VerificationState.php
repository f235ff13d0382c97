<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

/** How finished work stands against what was ordered (WORK-4). */
enum VerificationState: string
{
    case Conforms = 'conforms';
    case Out = 'out';
    /** Not out: more has to come off. */
    case Undersize = 'hone more';
    /** Not out: more metal has to come off. */
    case MoreToCut = 'more to cut';
    case Undecided = 'undecided';
    case Missing = 'missing';
    /** Read, and nobody knows what it may be. */
    case NoLimit = 'no limit known';
    /** The bore is as ordered, and a ring in it is not: its ends are filed, or another one is taken. */
    case RingsToFit = 'rings to fit';
    case ConditionsLacking = 'conditions lacking';
    case Conceded = 'conceded';

    public function closesTheWork(): bool
    {
        return $this === self::Conforms || $this === self::Conceded;
    }

    /** True where a person has to say what is done about it: rework, or a concession. */
    public function needsDecision(): bool
    {
        return in_array($this, [self::Out, self::Undersize, self::MoreToCut, self::NoLimit], true);
    }

    /** Where it stands in a list that begins with what is worst, from 0. */
    public function urgency(): int
    {
        return match (true) {
            $this->needsDecision() => 0,
            $this === self::Undecided, $this === self::RingsToFit => 1,
            $this === self::ConditionsLacking => 2,
            $this === self::Missing => 3,
            default => 4,
        };
    }
}
