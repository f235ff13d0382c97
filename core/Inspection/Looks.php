<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Feature;

/** What can be said of a place that is looked at or felt, beside the bores; the digit that is keyed is the number in the list. */
final class Looks
{
    public const IMPRINT = 'imprint seen';

    public const STEP = 'step felt';

    public const CATCHES = 'catches a nail';

    public const OUTSIDE_BAND = 'outside the sealing band';

    public const INSIDE_BAND = 'inside the sealing band';

    public const STAMPED = 'stamped';

    public const TIGHT = 'tight';

    public const OTHER_ANGLES = 'other angles';

    public const FALLS = 'falls';

    public const LOOSE = 'loose';

    public const STICKS = 'sticks';

    /** @return list<string> */
    public static function of(Feature $feature): array
    {
        return match ($feature) {
            Feature::Imprint => ['none', self::IMPRINT, self::STEP],
            Feature::ThrustFace => ['smooth', 'marks, not felt', self::CATCHES],
            Feature::DeckPits, Feature::HeadPits => ['none', self::OUTSIDE_BAND, self::INSIDE_BAND],
            Feature::DeckStamp => ['none', self::STAMPED],
            Feature::Drop => ['drops', self::TIGHT],
            Feature::SeatAngle => ['right', self::OTHER_ANGLES],
            Feature::LifterFeel => ['falls slowly, no shake', self::LOOSE, self::STICKS],
            Feature::Vacuum => ['holds', self::FALLS],
            default => [],
        };
    }
}
