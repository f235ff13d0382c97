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
        if ($heights === []) {
            throw GeometryException::noPoints();
        }
        usort($heights, static fn (Height $a, Height $b): int => [$a->y, $a->x] <=> [$b->y, $b->x]);
        $at = static fn (float $alongX): ParallelLines => ParallelLines::around(array_map(
            static fn (Height $height): array => [(float) $height->y, $height->z - $alongX * $height->x, (float) $height->x], $heights,
        ));
        [$left, $right] = self::bracket($at);

        return self::least($at, $left, $right);
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
            if ($other !== null && ($other->x - $first->x) * ($height->y - $first->y) !== ($other->y - $first->y) * ($height->x - $first->x)) {
                return false;
            }
        }

        return true;
    }

    /**
     * Two tilts along x between which the width is least; the same twice where one of them is the least already.
     *
     * @param  callable(float): ParallelLines  $at
     * @return array{float, float}
     */
    private static function bracket(callable $at): array
    {
        $here = $at(0.0)->change;
        if ($here === 0.0) {
            return [0.0, 0.0];
        }
        $way = $here > 0 ? -1 : 1;
        $near = 0.0;
        for ($step = 1e-6; $step < self::STEEPEST; $step *= 4) {
            $change = $at($way * $step)->change;
            if ($change * $way >= 0) {
                return $way > 0 ? [$near, $step] : [-$step, $near];
            }
            $near = $way * $step;
        }

        return [$near, $near];
    }

    /** @param  callable(float): ParallelLines  $at */
    private static function least(callable $at, float $left, float $right): self
    {
        $a = $at($left);
        $b = $at($right);
        for ($step = 0; $step < self::MOST_STEPS && $a->change < 0 && $b->change > 0; $step++) {
            $middle = $left + ($b->width - $a->width + $b->change * ($left - $right)) / ($a->change - $b->change);
            if ($middle <= $left || $middle >= $right) {
                break;
            }
            $between = $at($middle);
            if ($between->change < 0) {
                [$left, $a] = [$middle, $between];
            } else {
                [$right, $b] = [$middle, $between];
            }
        }

        return $a->width <= $b->width ? new self($a->width, new Tilt($left, $a->slope)) : new self($b->width, new Tilt($right, $b->slope));
    }
}
