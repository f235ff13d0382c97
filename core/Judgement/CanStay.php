<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

/** Whether a bore can be honed and re-ringed at the size it has (BORE-6). */
enum CanStay: string
{
    case Yes = 'yes';
    case No = 'no';
    case NotYetKnown = 'not yet known';

    /** @param  list<Outcome>  $outcomes  Of every criterion */
    public static function ofOutcomes(array $outcomes): self
    {
        return match (true) {
            in_array(Outcome::Fail, $outcomes, true) => self::No,
            in_array(Outcome::Missing, $outcomes, true), in_array(Outcome::Undecided, $outcomes, true) => self::NotYetKnown,
            default => self::Yes,
        };
    }
}
