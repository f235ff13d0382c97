<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/** The worst flatness over every square of a span, sides along x and y, edges included (DECK-1). */
final readonly class LocalFlatness
{
    /** @param  list<Height>  $heights */
    public static function worst(array $heights, int $span): float
    {
        $worst = 0.0;
        foreach (array_unique(array_column($heights, 'x')) as $left) {
            $strip = array_values(array_filter($heights, static fn (Height $height): bool => $height->x >= $left && $height->x <= $left + $span));
            usort($strip, static fn (Height $a, Height $b): int => $a->y <=> $b->y);
            foreach (self::windows($strip, $span) as $window) {
                $heightsThere = array_column($window, 'z');
                // No tilt makes a window worse than it sits: most need no closer look.
                if (max($heightsThere) - min($heightsThere) > $worst) {
                    $worst = max($worst, MinimumZone::of($window)->width);
                }
            }
        }

        return $worst;
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
