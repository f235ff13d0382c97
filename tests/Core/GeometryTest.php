<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Geometry\GeometryException;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LeastSquaresPlane;
use NorthLedger\Core\Geometry\LocalFlatness;
use NorthLedger\Core\Geometry\MinimumZone;
use NorthLedger\Core\Geometry\Point;
use NorthLedger\Core\Geometry\SmallestCircle;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The geometry against slower ways of finding the same, and against what must hold of any face or wall. */
final class GeometryTest extends TestCase
{
    private Randomizer $chance;

    protected function setUp(): void
    {
        $this->chance = new Randomizer(new Mt19937(20260412));
    }

    public function test_the_smallest_circle_is_as_small_as_trying_every_two_and_three_points(): void
    {
        for ($round = 0; $round < 60; $round++) {
            $points = $this->points($this->chance->getInt(2, 9), 1_000);
            $circle = SmallestCircle::around($points);
            $this->assertEqualsWithDelta($this->smallestByTrying($points), $circle->radius, 1e-6);
            $this->assertEqualsWithDelta($circle->radius, $circle->centre->farthest($points), 1e-6, 'it encloses them all');
            $touching = array_filter(
                $points,
                static fn (Point $point): bool => abs($circle->centre->distanceTo($point) - $circle->radius) < 1e-6,
            );
            $this->assertGreaterThanOrEqual(2, count($touching));
        }
    }

    public function test_a_held_centre_is_the_best_on_its_limit(): void
    {
        for ($round = 0; $round < 40; $round++) {
            $points = $this->points($this->chance->getInt(4, 12), 1_000, shift: 600);
            $limit = (float) $this->chance->getInt(1, 400);
            $held = SmallestCircle::centredWithin($points, $limit);
            $this->assertLessThanOrEqual($limit + 1e-6, $held->centre->distanceTo(Point::origin()));
            for ($angle = 0; $angle < 360; $angle += 3) {
                $this->assertLessThanOrEqual(Point::polar($limit, $angle)->farthest($points) + 1e-6, $held->radius);
            }
        }
    }

    public function test_flatness_is_what_a_fine_search_over_all_tilts_finds(): void
    {
        for ($round = 0; $round < 25; $round++) {
            $heights = $this->face($this->chance->getInt(4, 14));
            $this->assertEqualsWithDelta($this->flatnessBySearch($heights), MinimumZone::of($heights)->width, 1.0);
        }
    }

    public function test_the_found_tilt_gives_the_found_flatness(): void
    {
        for ($round = 0; $round < 60; $round++) {
            $heights = $this->face($this->chance->getInt(1, 40));
            $zone = MinimumZone::of($heights);
            $this->assertEqualsWithDelta($zone->width, self::width($heights, $zone->tilt->alongX, $zone->tilt->alongY), 1e-3);
        }
    }

    public function test_tilting_and_shifting_a_face_does_not_change_its_flatness(): void
    {
        for ($round = 0; $round < 40; $round++) {
            $heights = $this->face(12);
            [$a, $b, $c] = [$this->chance->getInt(-3, 3), $this->chance->getInt(-3, 3), $this->chance->getInt(-500_000, 500_000)];
            $tilted = array_map(
                static fn (Height $height): Height => new Height(
                    $height->x,
                    $height->y,
                    $height->z + $a * intdiv($height->x, 1_000) + $b * intdiv($height->y, 1_000) + $c,
                ),
                $heights,
            );
            $this->assertEqualsWithDelta(MinimumZone::of($heights)->width, MinimumZone::of($tilted)->width, 1.0);
            $turned = array_map(static fn (Height $height): Height => new Height(-$height->y, $height->x, $height->z), $heights);
            $this->assertEqualsWithDelta(MinimumZone::of($heights)->width, MinimumZone::of($turned)->width, 1.0);
        }
    }

    public function test_points_in_a_line_have_a_flatness_and_are_known_as_such(): void
    {
        $line = array_map(static fn (int $i): Height => new Height($i * 50_000_000, $i * 20_000_000, ($i % 2) * 8_000), range(0, 5));
        $this->assertTrue(MinimumZone::areInLine($line));
        $this->assertEqualsWithDelta(8_000, MinimumZone::of($line)->width, 1e-3);
        $this->assertFalse(MinimumZone::areInLine([...$line, new Height(0, 1_000_000, 0)]));
        $across = array_map(static fn (int $i): Height => new Height($i * 50_000_000, 7, [0, 9_000, 0][$i]), range(0, 2));
        $this->assertEqualsWithDelta(9_000, MinimumZone::of($across)->width, 1e-3);
        $this->expectException(GeometryException::class);
        MinimumZone::of([]);
    }

    public function test_local_flatness_is_the_worst_of_every_square_and_never_above_the_whole(): void
    {
        for ($round = 0; $round < 15; $round++) {
            $heights = $this->face(18);
            $span = $this->chance->getInt(50_000_000, 250_000_000);
            $worst = 0.0;
            foreach ($heights as $left) {
                foreach ($heights as $bottom) {
                    $inside = array_values(
                        array_filter(
                            $heights,
                            static fn (Height $one): bool => $one->x >= $left->x &&
                                $one->x <= $left->x + $span &&
                                $one->y >= $bottom->y &&
                                $one->y <= $bottom->y + $span,
                        ),
                    );
                    $worst = $inside === [] ? $worst : max($worst, MinimumZone::of($inside)->width);
                }
            }
            $this->assertEqualsWithDelta($worst, LocalFlatness::worst($heights, $span), 1e-3);
            $this->assertLessThanOrEqual(MinimumZone::of($heights)->width + 1e-3, LocalFlatness::worst($heights, $span));
        }
    }

    public function test_four_supports_in_a_line_hold_nothing(): void
    {
        $this->expectException(GeometryException::class);
        LeastSquaresPlane::through([
            new Height(0, 0, 1),
            new Height(100_000_000, 100_000_000, 2),
            new Height(200_000_000, 200_000_000, 3),
            new Height(300_000_000, 300_000_000, 5),
        ]);
    }

    /** @return non-empty-list<Point> */
    private function points(int $count, int $reach, int $shift = 0): array
    {
        return array_map(
            fn (): Point => new Point($this->chance->getInt(-$reach, $reach) + $shift, $this->chance->getInt(-$reach, $reach)),
            range(1, $count),
        );
    }

    /** @return non-empty-list<Height> A face of 400 by 200 mm, out of flat by up to 0.1 mm */
    private function face(int $points): array
    {
        return array_map(
            fn (): Height => new Height(
                $this->chance->getInt(0, 40) * 10_000_000,
                $this->chance->getInt(0, 20) * 10_000_000,
                $this->chance->getInt(0, 100_000),
            ),
            range(1, $points),
        );
    }

    /** @param  list<Point>  $points */
    private function smallestByTrying(array $points): float
    {
        $smallest = INF;
        foreach ($points as $i => $a) {
            foreach (array_slice($points, $i + 1) as $j => $b) {
                $smallest = min($smallest, $this->radiusIfWhole(new Point(($a->x + $b->x) / 2, ($a->y + $b->y) / 2), $a, $points));
                foreach (array_slice($points, $i + $j + 2) as $c) {
                    $d = 2 * ($a->x * ($b->y - $c->y) + $b->x * ($c->y - $a->y) + $c->x * ($a->y - $b->y));
                    if ($d !== 0.0) {
                        [$qa, $qb, $qc] = [$a->x ** 2 + $a->y ** 2, $b->x ** 2 + $b->y ** 2, $c->x ** 2 + $c->y ** 2];
                        $centre = new Point(
                            ($qa * ($b->y - $c->y) + $qb * ($c->y - $a->y) + $qc * ($a->y - $b->y)) / $d,
                            ($qa * ($c->x - $b->x) + $qb * ($a->x - $c->x) + $qc * ($b->x - $a->x)) / $d,
                        );
                        $smallest = min($smallest, $this->radiusIfWhole($centre, $a, $points));
                    }
                }
            }
        }

        return $smallest;
    }

    /** @param  list<Point>  $points */
    private function radiusIfWhole(Point $centre, Point $edge, array $points): float
    {
        $radius = $centre->distanceTo($edge);

        return $points !== [] && $centre->farthest($points) <= $radius + 1e-7 ? $radius : INF;
    }

    /**
     * Narrowing in on the least width by a search that knows nothing but the width.
     *
     * @param  list<Height>  $heights
     */
    private function flatnessBySearch(array $heights): float
    {
        $least = static function (callable $f): float {
            [$low, $high] = [-0.05, 0.05];
            for ($i = 0; $i < 130; $i++) {
                $third = ($high - $low) / 3;
                if ($f($low + $third) <= $f($high - $third)) {
                    $high -= $third;
                } else {
                    $low += $third;
                }
            }

            return $f(($low + $high) / 2);
        };

        return $least(
            static fn (float $alongX): float => $least(static fn (float $alongY): float => self::width($heights, $alongX, $alongY)),
        );
    }

    /** @param  list<Height>  $heights */
    private static function width(array $heights, float $alongX, float $alongY): float
    {
        $levelled = array_map(static fn (Height $height): float => $height->z - $alongX * $height->x - $alongY * $height->y, $heights);

        return $levelled === [] ? 0.0 : max($levelled) - min($levelled);
    }
}
