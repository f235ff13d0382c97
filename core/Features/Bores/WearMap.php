<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

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

    private const SHIFT_STEP = 500.0;

    /** @param  non-empty-list<Point>  $points */
    private function __construct(
        public Length $centred,
        public Length $free,
        public Point $freeCentre,
        public Length $freeShift,
        public Length $constrained,
        public Point $constrainedCentre,
        private Length $stock,
        private array $points,
    ) {
    }

    /** @param  array<int|float>  $degrees */
    public static function isPossible(array $degrees): bool
    {
        return count(array_unique($degrees)) >= self::DIRECTIONS_NEEDED;
    }

    /**
     * @param  list<TracedPoint>  $traced
     *
     * @throws GeometryException If fewer than four directions were traced, or a radius is not above zero
     */
    public static function of(array $traced, Length $stock, Length $allowedShift): self
    {
        $directions = count(
            array_unique(
                array_map(static fn (TracedPoint $point): string => sprintf('%.6f', fmod(fmod($point->degrees, 360) + 360, 360)), $traced),
            ),
        );
        if ($traced === [] || $directions < self::DIRECTIONS_NEEDED) {
            throw GeometryException::tooFewDirections($directions, self::DIRECTIONS_NEEDED);
        }
        $points = [];
        foreach ($traced as $point) {
            $points[] = $point->radius->isPositive()
                ? Point::polar($point->radius->nanometres, $point->degrees)
                : throw GeometryException::impossible('radius', $point->radius->nanometres);
        }
        $free = SmallestCircle::around($points);
        $constrained = SmallestCircle::centredWithin($points, $allowedShift->nanometres);

        return new self(
            Length::largest(...array_column($traced, 'radius'))->times(2)->plus($stock),
            self::diameter($free, $stock),
            $free->centre,
            Length::ofNanometres((int) round($free->centre->distanceTo(Point::origin()))),
            self::diameter($constrained, $stock),
            $constrained->centre,
            $stock,
            $points,
        );
    }

    /**
     * How far the centre has to move for a size, to half a micrometre; zero where it need not, the best centre's shift where even that is
     * not enough.
     */
    public function shiftAt(Length $size): Length
    {
        $most = $this->constrainedCentre->distanceTo(Point::origin());
        if (! $size->isSmallerThan($this->centred) || $size->isSmallerThan($this->constrained)) {
            return $size->isSmallerThan($this->centred) ? Length::ofNanometres((int) round($most)) : Length::zero();
        }
        $near = $this->outermost($most);
        [$short, $enough] = [0.0, $most];
        while ($enough - $short > self::SHIFT_STEP) {
            $half = ($short + $enough) / 2;
            $isEnough = ! self::diameter(SmallestCircle::centredWithin($near, $half), $this->stock)->isLargerThan($size);
            [$short, $enough] = $isEnough ? [$short, $half] : [$half, $enough];
        }

        return Length::ofNanometres((int) round($enough));
    }

    /** Towards where the centre moves, in degrees. */
    public function direction(): float
    {
        return rad2deg(atan2($this->constrainedCentre->y, $this->constrainedCentre->x));
    }

    /** @return non-empty-list<Point> Those that can be farthest from a centre not farther from the axis than that */
    private function outermost(float $shift): array
    {
        $far = Point::origin()->farthest($this->points);
        $near = array_values(
            array_filter($this->points, static fn (Point $point): bool => $point->distanceTo(Point::origin()) >= $far - 2 * $shift),
        );

        return $near === [] ? $this->points : $near;
    }

    private static function diameter(SmallestCircle $circle, Length $stock): Length
    {
        return Length::ofNanometres((int) round(2 * $circle->radius + $stock->nanometres));
    }
}
