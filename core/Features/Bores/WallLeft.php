<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** The wall that boring leaves in one cylinder (BORE-9), as computed; it is rounded only to be shown. */
final readonly class WallLeft
{
    private function __construct(public float $nanometres)
    {
    }

    /**
     * The least over the measured directions; from the specification's wall where none is measured. Where the
     * wear direction is not known the whole shift counts everywhere. Null where neither is known.
     *
     * @param  Length  $metalCut  On diameter, S − A
     * @param  Length  $twiceTheShift  Of the centre
     */
    public static function of(
        CylinderToPlan $cylinder,
        ?Length $standardWall,
        Length $currentStep,
        Length $metalCut,
        Length $twiceTheShift,
    ): ?self {
        if ($cylinder->walls === []) {
            $twice = $standardWall?->times(2)->minus($currentStep)->minus($metalCut)->minus($twiceTheShift);

            return $twice === null ? null : new self($twice->nanometres / 2);
        }

        return new self(
            min(
                array_map(
                    static fn (MeasuredWall $wall): float => $wall->thickness->nanometres -
                        $metalCut->nanometres / 2 -
                        ($twiceTheShift->nanometres / 2) * self::component($wall->directionDegrees, $cylinder->wearDirectionDegrees),
                    $cylinder->walls,
                ),
            ),
        );
    }

    /**
     * The thinnest of several, rounded; null where none is known.
     *
     * @param  array<int, ?self>  $walls  By cylinder
     */
    public static function thinnest(array $walls): ?Length
    {
        $walls = array_values(array_filter($walls));
        usort($walls, static fn (self $a, self $b): int => $a->nanometres <=> $b->nanometres);

        return ($walls[0] ?? null)?->rounded();
    }

    public function rounded(): Length
    {
        return Length::ofNanometres((int) round($this->nanometres));
    }

    /** The least itself is allowed; null: nobody knows it, and nothing is too thin. */
    public function isThinnerThan(?Length $least): bool
    {
        return $least !== null && $this->nanometres < $least->nanometres;
    }

    private static function component(float $direction, ?float $wearDirection): float
    {
        return $wearDirection === null ? 1.0 : cos(deg2rad($direction - $wearDirection));
    }
}
