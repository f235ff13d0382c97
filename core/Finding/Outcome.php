<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

enum Outcome: string
{
    case Pass = 'pass';
    case Fail = 'fail';
    case Undecided = 'undecided';
    case Missing = 'missing';
    /** It is read, and nobody knows how much of it is allowed. */
    case NoLimit = 'no limit';
    case Concession = 'concession';

    /**
     * The one that decides over several: a failure, then what is missing, then what has no limit or is undecided.
     *
     * @param  list<self>  $outcomes
     */
    public static function worst(array $outcomes): self
    {
        foreach ([self::Fail, self::Missing, self::NoLimit, self::Undecided, self::Concession] as $worst) {
            if (in_array($worst, $outcomes, true)) {
                return $worst;
            }
        }

        return self::Pass;
    }
}
