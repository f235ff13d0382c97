<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Quantity\Length;

/** The wall that boring leaves (BORE-9). */
final readonly class WallLeft
{
    /**
     * The least over the measured directions; from the specification's wall where none is measured. Where the
     * wear direction is not known the whole shift counts everywhere.
     *
     * @param  Length  $metalCut  On diameter, S − A
     */
    public static function of(CylinderToPlan $cylinder, Length $standardWall, Length $currentStep, Length $metalCut, Length $shift): Length
    {
        if ($cylinder->walls === []) {
            $twice = $standardWall->times(2)->minus($currentStep)->minus($metalCut)->minus($shift->times(2));

            return $twice->half();
        }
        $least = min(array_map(static fn (MeasuredWall $wall): float => $wall->thickness->nanometres
            - $metalCut->nanometres / 2
            - $shift->nanometres * self::component($wall->directionDegrees, $cylinder->wearDirectionDegrees), $cylinder->walls));

        return Length::ofNanometres((int) round($least));
    }

    private static function component(float $direction, ?float $wearDirection): float
    {
        return $wearDirection === null ? 1.0 : cos(deg2rad($direction - $wearDirection));
    }
}
