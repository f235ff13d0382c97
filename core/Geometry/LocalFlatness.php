<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The worst flatness over every square of a span, sides along x and y, edges included (DECK-1). */
final readonly class LocalFlatness
{
    /**
     * Every window has a bound that is cheap; the exact width is asked for only where the bound leaves it open.
     *
     * @param  list<Height>  $heights
     */
    public static function worst(array $heights, int $span): float
    {
        $windows = self::windows($heights, $span);
        $bounds = array_map(self::bound(...), $windows);
        arsort($bounds);
        $worst = 0.0;
        foreach ($bounds as $index => $bound) {
            // Every window from here on lies flatter under some tilt than the worst one under its best.
            if ($bound <= $worst) {
                break;
            }
            $worst = max($worst, MinimumZone::widthAbove($worst, $windows[$index]));
        }

        return $worst;
    }

    /**
     * No less than the flatness of a window: how far it spreads under the tilt of least squares, or as it sits.
     *
     * @param  non-empty-list<Height>  $window
     */
    private static function bound(array $window): float
    {
        $tilt = LeastSquaresPlane::tiltOf($window);

        return min(self::spread($window, 0.0, 0.0), $tilt === null ? INF : self::spread($window, $tilt->alongX, $tilt->alongY));
    }

    /** @param  non-empty-list<Height>  $window */
    private static function spread(array $window, float $alongX, float $alongY): float
    {
        $lowest = INF;
        $highest = -INF;
        foreach ($window as $height) {
            $left = $height->z - $alongX * $height->x - $alongY * $height->y;
            $lowest = $left < $lowest ? $left : $lowest;
            $highest = $left > $highest ? $left : $highest;
        }

        return $highest - $lowest;
    }

    /**
     * The fullest squares: each begins at some point's x, which lies in it, and holds a run that no longer run holds.
     *
     * @param  list<Height>  $heights
     * @return list<non-empty-list<Height>>
     */
    private static function windows(array $heights, int $span): array
    {
        usort($heights, static fn (Height $a, Height $b): int => $a->y <=> $b->y);
        $windows = [];
        foreach (array_unique(array_column($heights, 'x')) as $left) {
            $strip = array_values(array_filter($heights, static fn (Height $height): bool => $height->x >= $left && $height->x <= $left + $span));
            foreach (self::runs($strip, $left, $span) as $run) {
                $windows[] = $run;
            }
        }

        return $windows;
    }

    /**
     * A run without a point at the left edge lies in a square further right.
     *
     * @param  list<Height>  $strip  Sorted by y
     * @return list<non-empty-list<Height>>
     */
    private static function runs(array $strip, int $left, int $span): array
    {
        $atTheEdge = array_keys(array_filter($strip, static fn (Height $height): bool => $height->x === $left));
        $runs = [];
        $end = $edge = 0;
        foreach ($strip as $begin => $lowest) {
            $before = $end;
            while ($end < count($strip) && $strip[$end]->y <= $lowest->y + $span) {
                $end++;
            }
            while ($edge < count($atTheEdge) && $atTheEdge[$edge] < $begin) {
                $edge++;
            }
            $run = array_slice($strip, $begin, $end - $begin);
            if ($end > $before && $run !== [] && ($atTheEdge[$edge] ?? PHP_INT_MAX) < $end) {
                $runs[] = $run;
            }
        }

        return $runs;
    }
}
