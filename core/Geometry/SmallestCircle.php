<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

/**
 * The smallest circle that encloses points (BORE-8): free, or with its centre held within a distance of the
 * origin. It touches two or three of the points, or as many as lie farthest from a centre that is held.
 */
final readonly class SmallestCircle
{
    /** How much of the radius a point may stick out before it counts as outside: far below a nanometre. */
    private const SLACK = 1e-12;

    private function __construct(public Point $centre, public float $radius)
    {
    }

    /** @param  non-empty-list<Point>  $points */
    public static function around(array $points): self
    {
        $circle = new self($points[0], 0.0);
        foreach ($points as $i => $point) {
            if (! $circle->encloses($point)) {
                $circle = self::through($point, array_slice($points, 0, $i));
            }
        }

        return $circle;
    }

    /**
     * With the centre no farther than that from the origin. Where the free centre is, it is the same circle; else
     * the best centre lies on the limit, where a farthest point is nearest or two are equally far.
     *
     * @param  non-empty-list<Point>  $points
     */
    public static function centredWithin(array $points, float $limit): self
    {
        $free = self::around($points);
        if ($free->centre->distanceTo(Point::origin()) <= $limit) {
            return $free;
        }
        $best = null;
        foreach (self::candidates($points, $limit) as $angle) {
            $centre = new Point($limit * cos($angle), $limit * sin($angle));
            $radius = $centre->farthest($points);
            $best = $best === null || $radius < $best->radius ? new self($centre, $radius) : $best;
        }

        return $best ?? new self(Point::origin(), Point::origin()->farthest($points));
    }

    private function encloses(Point $point): bool
    {
        return $this->centre->distanceTo($point) <= $this->radius * (1 + self::SLACK);
    }

    /**
     * The smallest around the points that has one of them on its edge.
     *
     * @param  list<Point>  $points
     */
    private static function through(Point $edge, array $points): self
    {
        $circle = new self($edge, 0.0);
        foreach ($points as $i => $point) {
            if (! $circle->encloses($point)) {
                $circle = self::throughTwo($edge, $point, array_slice($points, 0, $i));
            }
        }

        return $circle;
    }

    /** @param  list<Point>  $points */
    private static function throughTwo(Point $a, Point $b, array $points): self
    {
        $centre = new Point(($a->x + $b->x) / 2, ($a->y + $b->y) / 2);
        $circle = new self($centre, $centre->distanceTo($a));
        foreach ($points as $point) {
            if (! $circle->encloses($point)) {
                $circle = self::throughThree($a, $b, $point) ?? $circle;
            }
        }

        return $circle;
    }

    /** Null where the three lie in one line. */
    private static function throughThree(Point $a, Point $b, Point $c): ?self
    {
        $bx = $b->x - $a->x;
        $by = $b->y - $a->y;
        $cx = $c->x - $a->x;
        $cy = $c->y - $a->y;
        $twice = 2 * ($bx * $cy - $by * $cx);
        if ($twice === 0.0) {
            return null;
        }
        $x = ($cy * ($bx ** 2 + $by ** 2) - $by * ($cx ** 2 + $cy ** 2)) / $twice;
        $y = ($bx * ($cx ** 2 + $cy ** 2) - $cx * ($bx ** 2 + $by ** 2)) / $twice;

        return new self(new Point($a->x + $x, $a->y + $y), hypot($x, $y));
    }

    /**
     * Angles of the centres on the limit among which the best one is: towards each point, and where two points
     * are equally far.
     *
     * @param  list<Point>  $points
     * @return list<float>
     */
    private static function candidates(array $points, float $limit): array
    {
        $angles = [];
        foreach ($points as $i => $a) {
            $angles[] = atan2($a->y, $a->x);
            foreach (array_slice($points, $i + 1) as $b) {
                $x = $a->x - $b->x;
                $y = $a->y - $b->y;
                $length = hypot($x, $y);
                $reach =
                    $length === 0.0 || $limit === 0.0 ? INF : ($a->x ** 2 + $a->y ** 2 - $b->x ** 2 - $b->y ** 2) / (2 * $limit * $length);
                if (abs($reach) <= 1) {
                    $direction = atan2($y, $x);
                    array_push($angles, $direction + acos($reach), $direction - acos($reach));
                }
            }
        }

        return $angles;
    }
}
