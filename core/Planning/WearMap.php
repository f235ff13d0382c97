<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Point;
use NorthLedger\Core\Geometry\SmallestCircle;
use NorthLedger\Core\Quantity\Length;

/**
 * The bore that a traced wall requires (BORE-8): centred on the original axis, on the best centre, and on the best
 * centre that may be. All stations count together; every diameter holds the clean-up stock once.
 */
final readonly class WearMap
{
    private const DIRECTIONS_NEEDED = 4;

    private function __construct(
        public Length $centred,
        public Length $free,
        public Point $freeCentre,
        public Length $freeShift,
        public Length $constrained,
        public Point $constrainedCentre,
    ) {
    }

    /**
     * @param  list<TracedPoint>  $traced
     *
     * @throws GeometryException If fewer than four directions were traced, or a radius is not above zero
     */
    public static function of(array $traced, Length $stock, Length $allowedShift): self
    {
        $directions = count(array_unique(array_map(static fn (TracedPoint $point): string => sprintf('%.6f', fmod(fmod($point->degrees, 360) + 360, 360)), $traced)));
        if ($traced === [] || $directions < self::DIRECTIONS_NEEDED) {
            throw GeometryException::tooFewDirections($directions, self::DIRECTIONS_NEEDED);
        }
        $points = [];
        foreach ($traced as $point) {
            $points[] = $point->radius->isPositive() ? Point::polar($point->radius->nanometres, $point->degrees) : throw GeometryException::impossible('radius', $point->radius->nanometres);
        }
        $free = SmallestCircle::around($points);
        $constrained = SmallestCircle::centredWithin($points, $allowedShift->nanometres);

        return new self(
            Length::largest(...array_column($traced, 'radius'))->times(2)->plus($stock),
            self::diameter($free, $stock), $free->centre, Length::ofNanometres((int) round($free->centre->distanceTo(Point::origin()))),
            self::diameter($constrained, $stock), $constrained->centre,
        );
    }

    private static function diameter(SmallestCircle $circle, Length $stock): Length
    {
        return Length::ofNanometres((int) round(2 * $circle->radius + $stock->nanometres));
    }
}
