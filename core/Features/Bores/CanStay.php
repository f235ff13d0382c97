<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\Outcome;

/** Whether a bore can be honed and re-ringed at the size it has (BORE-6), and what its piston asks for (BORE-6a). */
enum CanStay: string
{
    case Yes = 'yes';
    case WithNewPiston = 'with a new piston';
    case HonedToClearance = 'honed to clearance';
    case No = 'no';
    case NotYetKnown = 'not yet known';

    private const OPEN = [Outcome::Missing->value, Outcome::Undecided->value, Outcome::NoLimit->value];

    /**
     * Of everything but the piston, and of the ways to a clearance in their order: the first that does not fail counts.
     *
     * @param  list<Outcome>  $bore  Of every criterion that the bore alone decides
     * @param  array<string, Outcome>  $ways  By what they come to
     */
    public static function of(array $bore, array $ways): self
    {
        if (in_array(Outcome::Fail, $bore, true)) {
            return self::No;
        }
        foreach ($ways as $way => $outcome) {
            if ($outcome !== Outcome::Fail) {
                return self::isOpen([...$bore, $outcome]) ? self::NotYetKnown : self::from($way);
            }
        }

        return self::No;
    }

    /**
     * Of several bores at one size: the least that holds for all of them.
     *
     * @param  list<self>  $bores
     */
    public static function ofAll(array $bores): self
    {
        foreach ([self::No, self::NotYetKnown, self::WithNewPiston, self::HonedToClearance] as $worst) {
            if (in_array($worst, $bores, true)) {
                return $worst;
            }
        }

        return self::Yes;
    }

    /** True where it stays, with whatever piston and hone (BORE-11). */
    public function stays(): bool
    {
        return in_array($this, [self::Yes, self::WithNewPiston, self::HonedToClearance], true);
    }

    /** @param  list<Outcome>  $outcomes */
    private static function isOpen(array $outcomes): bool
    {
        return array_intersect(array_column($outcomes, 'value'), self::OPEN) !== [];
    }
}
