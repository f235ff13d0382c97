<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LeastSquaresPlane;
use NorthLedger\Core\Geometry\Tilt;
use NorthLedger\Core\Quantity\Length;

/**
 * Shims under the four supports of a face, and the cut that they leave: the face tilts with the plane of least squares through them
 * (DECK-2).
 */
final readonly class ShimStack
{
    /** Two cuts nearer to each other than this are one: what is left of the arithmetic. */
    private const SAME_CUT_NM = 1e-3;

    /** So many of the newest bounds are asked: older ones seldom say more. */
    private const MOST_BOUNDS = 12;

    /** @param  list<int>  $shims  In nanometres, one for each support */
    private function __construct(public array $shims, public float $cut, public float $rock)
    {
    }

    /**
     * @param  non-empty-list<Height>  $heights
     * @param  list<array{int, int}>  $supports
     * @param  list<int>  $shims
     *
     * @throws GeometryException If the supports lie in one line
     */
    public static function of(array $heights, array $supports, array $shims): self
    {
        $plane = self::planeOn($supports, $shims);

        return new self($shims, self::decided($heights, $plane->tilt->alongX, $plane->tilt->alongY)[0], $plane->rock);
    }

    /**
     * Of every combination the one with the least cut, then the fewest steps. Shims tilt by the sum of what each support
     * tilts alone, so that a combination costs one walk over the points. The cut is a convex function of the tilt: under the
     * two points that decided it once, no other tilt cuts less than they say, and most combinations need no walk.
     *
     * @param  non-empty-list<Height>  $heights
     * @param  list<array{int, int}>  $supports
     *
     * @throws GeometryException If the supports lie in one line
     */
    public static function best(array $heights, array $supports, Length $step, Length $most): self
    {
        $alone = self::tiltsOfOne($supports, $step->nanometres);
        $steps = intdiv($most->nanometres, $step->nanometres);
        $best = [0, 0, 0, 0];
        [$cut, $decided] = self::decided($heights, 0.0, 0.0);
        $least = [$cut, 0];
        $bounds = [$decided];
        foreach (self::combinations($steps) as $counts) {
            $alongX = $alongY = 0.0;
            foreach ($counts as $support => $count) {
                $alongX += $count * $alone[$support]->alongX;
                $alongY += $count * $alone[$support]->alongY;
            }
            if (self::cutsMoreThan($least[0] + self::SAME_CUT_NM, $bounds, $alongX, $alongY)) {
                continue;
            }
            [$cut, $decided] = self::decided($heights, $alongX, $alongY);
            $bounds = [$decided, ...array_slice($bounds, 0, self::MOST_BOUNDS)];
            $used = array_sum($counts);
            if ($cut < $least[0] - self::SAME_CUT_NM || ($cut <= $least[0] + self::SAME_CUT_NM && $used < $least[1])) {
                [$best, $least] = [$counts, [$cut, $used]];
            }
        }

        return self::of($heights, $supports, array_map(static fn (int $count): int => $count * $step->nanometres, $best));
    }

    public function cutLength(): Length
    {
        return Length::ofNanometres((int) round($this->cut));
    }

    /** How far the four are from one plane. */
    public function rockLength(): Length
    {
        return Length::ofNanometres((int) round($this->rock));
    }

    public function hasNone(): bool
    {
        return array_sum($this->shims) === 0;
    }

    /** @param  list<array{float, float, float}>  $bounds  Differences of two points: in height, along x, along y */
    private static function cutsMoreThan(float $most, array $bounds, float $alongX, float $alongY): bool
    {
        foreach ($bounds as [$z, $x, $y]) {
            if ($z + $alongX * $x + $alongY * $y > $most) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<Height>  $heights
     * @return array{float, array{float, float, float}} The cut under a tilt, and the two points that decide it, as their difference
     */
    private static function decided(array $heights, float $alongX, float $alongY): array
    {
        $highest = -INF;
        $lowest = INF;
        $high = $low = $heights[0];
        foreach ($heights as $height) {
            $level = $height->z + $alongX * $height->x + $alongY * $height->y;
            if ($level > $highest) {
                $highest = $level;
                $high = $height;
            }
            if ($level < $lowest) {
                $lowest = $level;
                $low = $height;
            }
        }

        return [$highest - $lowest, [(float) ($high->z - $low->z), (float) ($high->x - $low->x), (float) ($high->y - $low->y)]];
    }

    /**
     * @param  list<array{int, int}>  $supports
     * @return list<Tilt> What one step under each support alone tilts
     */
    private static function tiltsOfOne(array $supports, int $step): array
    {
        $tilts = [];
        foreach (array_keys($supports) as $raised) {
            $tilts[] = self::planeOn(
                $supports,
                array_map(static fn (int $index): int => $index === $raised ? $step : 0, array_keys($supports)),
            )->tilt;
        }

        return $tilts;
    }

    /**
     * @param  list<array{int, int}>  $supports
     * @param  list<int>  $shims
     */
    private static function planeOn(array $supports, array $shims): LeastSquaresPlane
    {
        $tops = array_map(static fn (array $support, int $shim): Height => new Height($support[0], $support[1], $shim), $supports, $shims);

        return LeastSquaresPlane::through($tops === [] ? throw GeometryException::fourSupports(0) : $tops);
    }

    /**
     * One support at the least has none: more under all four lifts and does not tilt.
     *
     * @return iterable<array{int, int, int, int}>
     */
    private static function combinations(int $most): iterable
    {
        for ($a = 0; $a <= $most; $a++) {
            for ($b = 0; $b <= $most; $b++) {
                for ($c = 0; $c <= $most; $c++) {
                    for ($d = 0; $d <= ($a * $b * $c === 0 ? $most : 0); $d++) {
                        yield [$a, $b, $c, $d];
                    }
                }
            }
        }
    }
}
