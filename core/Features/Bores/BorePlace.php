<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;

/** The places of a cylinder. */
final class BorePlace
{
    public static function bore(int $cylinder, Station $station, Axis $axis): Place
    {
        return Place::diameter(BoreFeature::Bore, $cylinder, $station, $axis);
    }

    public static function piston(int $cylinder): Place
    {
        return self::look(BoreFeature::Piston, $cylinder);
    }

    /** The ridge is felt for at the top and at the bottom of the ring travel. */
    public static function ridge(int $cylinder, Station $end): Place
    {
        return Place::toward(BoreFeature::Ridge, $cylinder, $end, null);
    }

    public static function look(BoreFeature $feature, int $cylinder): Place
    {
        return Place::at($feature, $cylinder);
    }

    /** The end gap of a ring in a bore; rings are counted from the top. */
    public static function ringGap(int $cylinder, int $ring): Place
    {
        return Place::at(BoreFeature::RingGap, $cylinder, "ring-{$ring}");
    }

    /** Where a wall is followed from the original axis (BORE-8). */
    public static function trace(int $cylinder, Station $station, int $degrees): Place
    {
        return Place::toward(BoreFeature::Trace, $cylinder, $station, $degrees);
    }

    /** Where the thickness of a wall is measured (BORE-9). */
    public static function wall(int $cylinder, int $degrees): Place
    {
        return Place::toward(BoreFeature::Wall, $cylinder, null, $degrees);
    }
}
