<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/**
 * The two parallel lines closest to each other, measured upwards, between which points of a profile lie: one runs
 * along an edge of the profile's hull, the other touches a corner opposite.
 *
 * @internal
 */
final readonly class ParallelLines
{
    /**
     * @param  float  $slope  Rise for each unit of y
     * @param  float  $change  How the width changes for each unit by which the profile is tilted along x
     */
    private function __construct(public float $width, public float $slope, public float $change)
    {
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $points  Each y, height, and the x it came from; sorted by y
     * @param  float  $tilt  By how much the heights are lowered for each unit of x
     */
    public static function around(array $points, float $tilt): self
    {
        $profile = [];
        foreach ($points as [$y, $height, $x]) {
            $profile[] = [$y, $height - $tilt * $x, $x];
        }
        $upper = self::hull($profile, 1);
        $lower = self::hull($profile, -1);
        $u = count($upper) - 1;
        $l = 0;
        // The slope grows from minus infinity: the upper touching corner moves towards small y, the lower one towards large y.
        while ($upper[$u][0] > $lower[$l][0]) {
            $nextUpper = $u > 0 ? self::slope($upper[$u - 1], $upper[$u]) : INF;
            $nextLower = $l < count($lower) - 1 ? self::slope($lower[$l], $lower[$l + 1]) : INF;
            if ($nextUpper <= $nextLower) {
                $u--;
                if ($upper[$u][0] <= $lower[$l][0]) {
                    return self::edgeAbove($upper[$u], $upper[$u + 1], $lower[$l], $nextUpper);
                }
            } else {
                $l++;
                if ($lower[$l][0] >= $upper[$u][0]) {
                    return self::edgeBelow($lower[$l - 1], $lower[$l], $upper[$u], $nextLower);
                }
            }
        }

        // Every point has the same y: only the heights there count.
        return new self($upper[$u][1] - $lower[$l][1], 0.0, $lower[$l][2] - $upper[$u][2]);
    }

    /**
     * @param  array{float, float, float}  $left
     * @param  array{float, float, float}  $right
     * @param  array{float, float, float}  $corner
     */
    private static function edgeAbove(array $left, array $right, array $corner, float $slope): self
    {
        $share = ($corner[0] - $left[0]) / ($right[0] - $left[0]);

        return new self(
            $left[1] + $slope * ($corner[0] - $left[0]) - $corner[1],
            $slope,
            $corner[2] - ($left[2] + $share * ($right[2] - $left[2])),
        );
    }

    /**
     * @param  array{float, float, float}  $left
     * @param  array{float, float, float}  $right
     * @param  array{float, float, float}  $corner
     */
    private static function edgeBelow(array $left, array $right, array $corner, float $slope): self
    {
        $share = ($corner[0] - $left[0]) / ($right[0] - $left[0]);

        return new self(
            $corner[1] - ($left[1] + $slope * ($corner[0] - $left[0])),
            $slope,
            $left[2] + $share * ($right[2] - $left[2]) - $corner[2],
        );
    }

    /**
     * @param  non-empty-list<array{float, float, float}>  $points  Sorted by y
     * @param  1|-1  $side  1: the upper hull, -1: the lower one
     * @return non-empty-list<array{float, float, float}> From small y to large
     */
    private static function hull(array $points, int $side): array
    {
        $hull = [$points[0]];
        $last = 0;
        foreach ($points as $point) {
            [$y, $height] = $point;
            if ($hull[$last][0] === $y) {
                if ($side * $hull[$last][1] >= $side * $height) {
                    continue;
                }
                $last--;
            }
            // A corner goes where the way bends inwards at it.
            while ($last >= 1) {
                [[$fromY, $fromHeight], [$cornerY, $cornerHeight]] = [$hull[$last - 1], $hull[$last]];
                if ($side * (($cornerY - $fromY) * ($height - $fromHeight) - ($cornerHeight - $fromHeight) * ($y - $fromY)) < 0) {
                    break;
                }
                $last--;
            }
            $hull[++$last] = $point;
        }

        return [$hull[0], ...array_slice($hull, 1, $last)];
    }

    /**
     * @param  array{float, float, float}  $a
     * @param  array{float, float, float}  $b
     */
    private static function slope(array $a, array $b): float
    {
        return ($b[1] - $a[1]) / ($b[0] - $a[0]);
    }
}
