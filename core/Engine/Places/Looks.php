<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

/** What can be said of places that are looked at or felt, where it decides something. */
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

    public const PITTED = 'pitted';

    public const BURNT = 'burnt';

    public const SUNK = 'sunk';

    public const LOOSE = 'loose';

    public const STICKS = 'sticks';
}
