<?php

declare(strict_types=1);

namespace App\Practice;

use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;

/** The drawing of an exercise’s instrument. */
final class DrawnInstrument
{
    public static function of(Exercise $exercise): Picture
    {
        $instrument = $exercise->instrument;

        return match (true) {
            $instrument === ReadInstrument::FeelerStack => DrawnFeelers::of($exercise),
            $instrument->hasDial() => DrawnDial::of($exercise),
            $instrument->isCaliper() => DrawnCaliper::of($exercise),
            default => DrawnMicrometer::of($exercise),
        };
    }
}
