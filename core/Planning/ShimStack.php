<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LeastSquaresPlane;
use NorthLedger\Core\Geometry\Tilt;
use NorthLedger\Core\Quantity\Length;

/** Shims under the four supports of a face, and the cut that they leave: the face tilts with the plane of least squares through them (DECK-2). */
final readonly class ShimStack
{
    /** Two cuts nearer to each other than this are one: what is left of the arithmetic. */
    private const SAME_CUT_NM = 1e-3;

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

        return new self($shims, self::cutUnder($heights, $plane->tilt), $plane->rock);
    }

    /**
     * Of every combination the one with the least cut, then the fewest steps. Shims tilt by the sum of what each support
     * tilts alone, so that a combination costs one walk over the points.
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
        $least = [self::cutUnder($heights, new Tilt(0.0, 0.0)), 0];
        foreach (self::combinations($steps) as $counts) {
            $alongX = $alongY = 0.0;
            foreach ($counts as $support => $count) {
                $alongX += $count * $alone[$support]->alongX;
                $alongY += $count * $alone[$support]->alongY;
            }
            $cut = self::cutUnder($heights, new Tilt($alongX, $alongY));
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

    /** @param  non-empty-list<Height>  $heights */
    private static function cutUnder(array $heights, Tilt $tilt): float
    {
        $highest = -INF;
        $lowest = INF;
        foreach ($heights as $height) {
            $level = $height->z + $tilt->alongX * $height->x + $tilt->alongY * $height->y;
            $highest = $level > $highest ? $level : $highest;
            $lowest = $level < $lowest ? $level : $lowest;
        }

        return $highest - $lowest;
    }

    /**
     * @param  list<array{int, int}>  $supports
     * @return list<Tilt> What one step under each support alone tilts
     */
    private static function tiltsOfOne(array $supports, int $step): array
    {
        $tilts = [];
        foreach (array_keys($supports) as $raised) {
            $tilts[] = self::planeOn($supports, array_map(static fn (int $index): int => $index === $raised ? $step : 0, array_keys($supports)))->tilt;
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
