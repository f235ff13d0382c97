<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The worst flatness over every square of a span, sides along x and y, edges included (DECK-1). */
final readonly class LocalFlatness
{
    /** @param  list<Height>  $heights */
    public static function worst(array $heights, int $span): float
    {
        $windows = [];
        foreach (array_unique(array_column($heights, 'x')) as $left) {
            $strip = array_values(array_filter($heights, static fn (Height $height): bool => $height->x >= $left && $height->x <= $left + $span));
            usort($strip, static fn (Height $a, Height $b): int => $a->y <=> $b->y);
            foreach (self::windows($strip, $span) as $window) {
                $windows[] = [self::bound($window), $window];
            }
        }
        usort($windows, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $worst = 0.0;
        foreach ($windows as [$bound, $window]) {
            // Every window from here on lies flatter under some tilt than the worst one under its best.
            if ($bound <= $worst) {
                break;
            }
            $worst = max($worst, MinimumZone::of($window)->width);
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
        $z = array_column($window, 'z');
        $asItSits = (float) (max($z) - min($z));
        $count = count($window);
        [$meanX, $meanY, $meanZ] = [array_sum(array_column($window, 'x')) / $count, array_sum(array_column($window, 'y')) / $count, array_sum($z) / $count];
        $xx = $xy = $yy = $xz = $yz = 0.0;
        foreach ($window as $height) {
            [$x, $y, $up] = [$height->x - $meanX, $height->y - $meanY, $height->z - $meanZ];
            $xx += $x * $x;
            $xy += $x * $y;
            $yy += $y * $y;
            $xz += $x * $up;
            $yz += $y * $up;
        }
        $determinant = $xx * $yy - $xy * $xy;
        if ($determinant <= 1e-12 * max($xx, $yy) ** 2) {
            return $asItSits;
        }
        [$alongX, $alongY] = [($xz * $yy - $yz * $xy) / $determinant, ($yz * $xx - $xz * $xy) / $determinant];
        $lowest = INF;
        $highest = -INF;
        foreach ($window as $height) {
            $left = $height->z - $alongX * $height->x - $alongY * $height->y;
            $lowest = $left < $lowest ? $left : $lowest;
            $highest = $left > $highest ? $left : $highest;
        }

        return min($asItSits, $highest - $lowest);
    }

    /**
     * The runs of a strip within the span that no longer run holds.
     *
     * @param  list<Height>  $strip  Sorted by y
     * @return list<non-empty-list<Height>>
     */
    private static function windows(array $strip, int $span): array
    {
        $windows = [];
        $end = 0;
        foreach ($strip as $begin => $lowest) {
            $before = $end;
            while ($end < count($strip) && $strip[$end]->y <= $lowest->y + $span) {
                $end++;
            }
            $window = array_slice($strip, $begin, $end - $begin);
            if ($end > $before && $window !== []) {
                $windows[] = $window;
            }
        }

        return $windows;
    }
}
