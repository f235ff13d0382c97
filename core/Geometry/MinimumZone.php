<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/**
 * The flatness of a face (DECK-1): the least height difference between two parallel planes that hold every point,
 * measured along z. For each tilt along x the best tilt along y is exact, by the hull of the profile; over the tilt
 * along x the width is convex and made of straight pieces, so that the corner where it is least is found by
 * intersecting the pieces on both sides of it.
 */
final readonly class MinimumZone
{
    private const MOST_STEPS = 200;

    /** A tilt steeper than this is none that a face can have: the width does not fall any more. */
    private const STEEPEST = 1e3;

    private function __construct(public float $width, public Tilt $tilt)
    {
    }

    /**
     * @param  list<Height>  $heights
     *
     * @throws GeometryException If there are none
     */
    public static function of(array $heights): self
    {
        return self::search($heights, -INF);
    }

    /**
     * The width where it is above a floor; where it is not, some width up to the floor, found sooner.
     *
     * @param  list<Height>  $heights
     *
     * @throws GeometryException If there are none
     */
    public static function widthAbove(float $floor, array $heights): float
    {
        return self::search($heights, $floor)->width;
    }

    /** @param  non-empty-list<Height>  $heights */
    public static function areInLine(array $heights): bool
    {
        $first = $heights[0];
        $other = null;
        foreach ($heights as $height) {
            if ($other === null && ($height->x !== $first->x || $height->y !== $first->y)) {
                $other = $height;
            }
            if (
                $other !== null &&
                ($other->x - $first->x) * ($height->y - $first->y) !== ($other->y - $first->y) * ($height->x - $first->x)
            ) {
                return false;
            }
        }

        return true;
    }

    /**
     * From the tilt of least squares down to the least width; every tilt on the way bounds it from above.
     *
     * @param  list<Height>  $heights
     */
    private static function search(array $heights, float $floor): self
    {
        if ($heights === []) {
            throw GeometryException::noPoints();
        }
        usort($heights, static fn (Height $a, Height $b): int => $a->y <=> $b->y ?: $a->x <=> $b->x);
        $points = [];
        foreach ($heights as $height) {
            $points[] = [(float) $height->y, (float) $height->z, (float) $height->x];
        }
        $start = LeastSquaresPlane::tiltOf($heights)->alongX ?? 0.0;
        $here = ParallelLines::around($points, $start);
        if ($here->change === 0.0 || $here->width <= $floor) {
            return new self($here->width, new Tilt($start, $here->slope));
        }
        [$left, $right] = self::bracket($points, $start, $here->change > 0 ? -1 : 1);

        return self::least($points, $left, $right, $floor);
    }

    /**
     * Two tilts along x between which the width is least; the same twice where it falls for ever.
     *
     * @param  non-empty-list<array{float, float, float}>  $points
     * @param  1|-1  $way  In which the width falls
     * @return array{float, float}
     */
    private static function bracket(array $points, float $start, int $way): array
    {
        $near = $start;
        for ($step = 1e-6; $step < self::STEEPEST; $step *= 4) {
            $far = $start + $way * $step;
            if (ParallelLines::around($points, $far)->change * $way >= 0) {
                return $way > 0 ? [$near, $far] : [$far, $near];
            }
            $near = $far;
        }

        return [$near, $near];
    }

    /** @param  non-empty-list<array{float, float, float}>  $points */
    private static function least(array $points, float $left, float $right, float $floor): self
    {
        $a = ParallelLines::around($points, $left);
        $b = ParallelLines::around($points, $right);
        for ($step = 0; $step < self::MOST_STEPS && $a->change < 0 && $b->change > 0 && min($a->width, $b->width) > $floor; $step++) {
            $middle = $left + ($b->width - $a->width + $b->change * ($left - $right)) / ($a->change - $b->change);
            if ($middle <= $left || $middle >= $right) {
                break;
            }
            $between = ParallelLines::around($points, $middle);
            if ($between->change < 0) {
                [$left, $a] = [$middle, $between];
            } else {
                [$right, $b] = [$middle, $between];
            }
        }

        return $a->width <= $b->width ? new self($a->width, new Tilt($left, $a->slope)) : new self($b->width, new Tilt($right, $b->slope));
    }
}
