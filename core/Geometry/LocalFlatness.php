<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The worst flatness over every square of a span, sides along x and y, edges included (DECK-1). */
final readonly class LocalFlatness
{
    /** Fewer places say nothing of a hollow: three lie in one plane whatever they read. */
    private const LEAST_PLACES = 4;

    /**
     * Over every square, whatever it holds.
     *
     * @param  list<Height>  $heights
     */
    public static function worst(array $heights, int $span): float
    {
        return self::worstOf(self::windows($heights, $span));
    }

    /**
     * Over the squares that can say something: four places at the least, not in one line. Null where there is none.
     *
     * @param  list<Height>  $heights
     */
    public static function worstThatCounts(array $heights, int $span): ?float
    {
        $counting = array_values(array_filter(self::windows($heights, $span), self::counts(...)));

        return $counting === [] ? null : self::worstOf($counting);
    }

    /**
     * How many different sets of places a closed square of that span can hold exactly, lying anywhere, and that count.
     *
     * @param  list<Height>  $heights
     */
    public static function windowsThatCount(array $heights, int $span): int
    {
        $sets = [];
        foreach (self::spans(array_column($heights, 'x'), $span) as [$left, $right]) {
            $strip = array_filter($heights, static fn (Height $height): bool => $height->x >= $left && $height->x <= $right);
            foreach (self::spans(array_column($strip, 'y'), $span) as [$low, $high]) {
                $held = array_filter($strip, static fn (Height $height): bool => $height->y >= $low && $height->y <= $high);
                if (self::counts(array_values($held))) {
                    $sets[implode(' ', array_keys($held))] = true;
                }
            }
        }

        return count($sets);
    }

    /**
     * Every window has a bound that is cheap; the exact width is asked for only where the bound leaves it open.
     *
     * @param  list<non-empty-list<Height>>  $windows
     */
    private static function worstOf(array $windows): float
    {
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

    /** @param  list<Height>  $window */
    private static function counts(array $window): bool
    {
        $places = array_unique(array_map(static fn (Height $height): string => "{$height->x} {$height->y}", $window));

        return count($places) >= self::LEAST_PLACES && $window !== [] && ! MinimumZone::areInLine($window);
    }

    /**
     * The runs of coordinates that a closed interval of that length can hold exactly: it must reach both ends, and fit
     * between the neighbours that it leaves out.
     *
     * @param  array<int>  $coordinates
     * @return list<array{int, int}> The first and the last of each
     */
    private static function spans(array $coordinates, int $span): array
    {
        $sorted = array_values(array_unique($coordinates));
        sort($sorted);
        $spans = [];
        foreach ($sorted as $first => $from) {
            for ($last = $first; isset($sorted[$last]) && $span >= $sorted[$last] - $from; $last++) {
                $before = $sorted[$first - 1] ?? -INF;
                $after = $sorted[$last + 1] ?? INF;
                if ($after - $before > $span) {
                    $spans[] = [$from, $sorted[$last]];
                }
            }
        }

        return $spans;
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
            $strip = array_values(
                array_filter($heights, static fn (Height $height): bool => $height->x >= $left && $height->x <= $left + $span),
            );
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
