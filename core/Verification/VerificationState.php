<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

enum VerificationState: string
{
    case Conforms = 'conforms';
    case Out = 'out';
    /** Not out: more has to come off. */
    case Undersize = 'hone more';
    case Undecided = 'undecided';
    case Missing = 'missing';
    /** Read, and nobody knows what it may be. */
    case NoLimit = 'no limit known';
    case ConditionsLacking = 'conditions lacking';
    case Conceded = 'conceded';

    public function closesTheWork(): bool
    {
        return $this === self::Conforms || $this === self::Conceded;
    }
}
