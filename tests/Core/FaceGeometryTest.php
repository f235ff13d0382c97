<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Engine\Specification\FaceSpec;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LeastSquaresPlane;
use NorthLedger\Core\Geometry\LocalFlatness;
use NorthLedger\Core\Geometry\MinimumZone;
use NorthLedger\Core\Geometry\Tilt;
use NorthLedger\Core\Quantity\LengthUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a face is found to be does not hang on how it is searched, walked or laid out (DECK-1). */
final class FaceGeometryTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach ([11, 12, 13, 14, 15, 16, 17, 18] as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_a_width_above_the_floor_is_found_and_one_below_it_is_only_bounded(int $seed): void
    {
        $chance = self::chance($seed);
        for ($round = 0; $round < 25; $round++) {
            $heights = self::scattered($chance, $chance->getInt(1, 30), 80_000);
            $width = MinimumZone::of($heights)->width;
            $this->assertEqualsWithDelta($width, MinimumZone::widthAbove($width * 0.9 - 1, $heights), 1e-3);
            $this->assertEqualsWithDelta($width, MinimumZone::widthAbove(-INF, $heights), 1e-9);
            $floor = $width * 1.1 + 1;
            $bounded = MinimumZone::widthAbove($floor, $heights);
            $this->assertGreaterThanOrEqual($width - 1e-3, $bounded, 'no less than it is');
            $this->assertLessThanOrEqual($floor, $bounded);
        }
    }

    #[DataProvider('seeds')]
    public function test_the_order_in_which_a_face_is_walked_does_not_matter(int $seed): void
    {
        $chance = self::chance($seed);
        $heights = self::grid($chance, 9, 5, 60_000);
        $width = MinimumZone::of($heights)->width;
        $worst = LocalFlatness::worst($heights, 150_000_000);
        for ($round = 0; $round < 6; $round++) {
            $shuffled = $chance->shuffleArray($heights);
            $this->assertEqualsWithDelta($width, MinimumZone::of($shuffled)->width, 1e-3);
            $this->assertEqualsWithDelta($worst, LocalFlatness::worst($shuffled, 150_000_000), 1e-3);
        }
        $this->assertEqualsWithDelta(
            $width,
            MinimumZone::of([...$heights, ...$heights])->width,
            1e-3,
            'a place that is read twice counts once',
        );
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['brae-v8-311', 'cairn-l4-144', 'fell-6-d', 'quern-3-16', 'sorrel-f4', 'tarn-4-198'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_the_grid_of_every_family_sees_a_hollow_that_is_as_large_as_its_square(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (array_filter([$sheet->deck, $sheet->head]) as $face) {
            $grid = FaceGrid::of($face, count($sheet->layout->banks[0]))->points;
            $span = $face->localSpan->nanometres;
            $flat = array_map(static fn (array $at): Height => new Height($at[0], $at[1], 0), array_values($grid));
            $this->assertGreaterThan(0, LocalFlatness::windowsThatCount($flat, $span), 'squares that count');
            $this->assertSame(0.0, LocalFlatness::worstThatCounts($flat, $span));

            $hollow = array_map(
                static fn (array $at): Height => new Height($at[0], $at[1], $at === $grid['d3'] ? -50_000 : 0),
                array_values($grid),
            );
            $this->assertGreaterThan(
                10_000.0,
                LocalFlatness::worstThatCounts($hollow, $span),
                'one low place near the edge is in a square that counts',
            );
        }
    }

    #[DataProvider('seeds')]
    public function test_the_grid_of_any_face_is_close_enough_for_its_span(int $seed): void
    {
        $chance = self::chance($seed);
        $bores = $chance->getInt(1, 8);
        [$length, $width] = [$bores * $chance->getInt(90, 150), $chance->getInt(100, 260)];
        $pitch = ($length * 0.94) / (2 * $bores);
        $span = $chance->getInt((int) ceil($pitch / 7), 120);
        $face = Node::read('', [
            'local_flatness' => '0.02',
            'local_span' => "{$span}.0",
            'size' => ['length' => "{$length}.0", 'width' => "{$width}.0"],
        ], static fn (Node $node): FaceSpec => FaceSpec::fromNode($node, LengthUnit::Millimetre, null));
        $grid = FaceGrid::of($face, $bores);
        $flat = array_map(static fn (array $at): Height => new Height($at[0], $at[1], 0), array_values($grid->points));
        $this->assertGreaterThan(0, LocalFlatness::windowsThatCount($flat, $span * 1_000_000), "{$length} × {$width}, span {$span}");
        $needed = array_filter(array_keys($grid->points), FaceGrid::isNeeded(...));
        $this->assertCount(2 * (2 * $bores + 1) + $bores + 1, $needed, 'what flatness overall needs stays the same');
    }

    #[DataProvider('seeds')]
    public function test_one_more_height_never_makes_a_face_flatter(int $seed): void
    {
        $chance = self::chance($seed);
        $heights = self::scattered($chance, 5, 50_000);
        $width = MinimumZone::of($heights)->width;
        for ($more = 0; $more < 25; $more++) {
            $heights[] = self::scattered($chance, 1, 70_000)[0];
            $grown = MinimumZone::of($heights)->width;
            $this->assertGreaterThanOrEqual($width - 1e-3, $grown);
            $width = $grown;
        }
    }

    #[DataProvider('seeds')]
    public function test_a_face_twice_as_rough_is_twice_as_far_out_and_upside_down_it_is_the_same(int $seed): void
    {
        $heights = self::grid(self::chance($seed), 7, 4, 40_000);
        $stretched = static fn (int $by): array => array_map(
            static fn (Height $one): Height => new Height($one->x, $one->y, $by * $one->z),
            $heights,
        );
        $width = MinimumZone::of($heights)->width;
        $this->assertEqualsWithDelta(2 * $width, MinimumZone::of($stretched(2))->width, 1e-2);
        $this->assertEqualsWithDelta($width, MinimumZone::of($stretched(-1))->width, 1e-2);
    }

    #[DataProvider('seeds')]
    public function test_every_square_of_many_scattered_places_is_looked_at(int $seed): void
    {
        $chance = self::chance($seed);
        $heights = self::scattered($chance, 45, 90_000);
        $span = $chance->getInt(40_000_000, 160_000_000);
        $worst = 0.0;
        foreach (array_unique(array_column($heights, 'x')) as $left) {
            foreach (array_unique(array_column($heights, 'y')) as $bottom) {
                $inside = array_values(
                    array_filter(
                        $heights,
                        static fn (Height $one): bool => $one->x >= $left &&
                            $one->x <= $left + $span &&
                            $one->y >= $bottom &&
                            $one->y <= $bottom + $span,
                    ),
                );
                $worst = $inside === [] ? $worst : max($worst, MinimumZone::of($inside)->width);
            }
        }
        $this->assertEqualsWithDelta($worst, LocalFlatness::worst($heights, $span), 1e-3);
    }

    #[DataProvider('seeds')]
    public function test_a_wider_square_is_never_flatter_and_the_widest_is_the_face(int $seed): void
    {
        $heights = self::grid(self::chance($seed), 10, 6, 60_000);
        $previous = 0.0;
        foreach ([1, 50_000_000, 100_000_000, 150_000_000, 300_000_000, 600_000_000] as $span) {
            $worst = LocalFlatness::worst($heights, $span);
            $this->assertGreaterThanOrEqual($previous - 1e-3, $worst, "span {$span}");
            $previous = $worst;
        }
        $this->assertEqualsWithDelta(MinimumZone::of($heights)->width, $previous, 1e-3);
        $this->assertSame(0.0, LocalFlatness::worst($heights, 1), 'a square of one place is flat');
    }

    #[DataProvider('seeds')]
    public function test_least_squares_finds_a_plane_that_is_there_and_no_other_leaves_less(int $seed): void
    {
        $chance = self::chance($seed);
        $tilt = new Tilt($chance->getInt(-40, 40) * 1e-5, $chance->getInt(-40, 40) * 1e-5);
        $even = array_map(
            static fn (Height $one): Height => new Height($one->x, $one->y, (int) round($tilt->heightAt($one->x, $one->y))),
            self::scattered($chance, 20, 0),
        );
        $found = LeastSquaresPlane::through($even);
        $this->assertEqualsWithDelta($tilt->alongX, $found->tilt->alongX, 1e-8);
        $this->assertEqualsWithDelta($tilt->alongY, $found->tilt->alongY, 1e-8);
        $this->assertLessThanOrEqual(1.0, $found->rock, 'but for rounding');

        $rough = self::scattered($chance, 15, 60_000);
        $best = LeastSquaresPlane::through($rough);
        $squares = static fn (Tilt $tilt): float => self::squares($rough, $tilt);
        foreach ([[1e-6, 0], [-1e-6, 0], [0, 1e-6], [0, -1e-6], [1e-5, -1e-5]] as [$x, $y]) {
            $this->assertGreaterThanOrEqual($squares($best->tilt), $squares(new Tilt($best->tilt->alongX + $x, $best->tilt->alongY + $y)));
        }
    }

    #[DataProvider('seeds')]
    public function test_a_straightedge_laid_higher_or_askew_finds_the_same_squares(int $seed): void
    {
        $heights = self::grid(self::chance($seed), 8, 5, 60_000);
        $askew = array_map(
            static fn (Height $one): Height => new Height(
                $one->x,
                $one->y,
                $one->z + 250_000 + intdiv($one->x, 1_000) - 2 * intdiv($one->y, 1_000),
            ),
            $heights,
        );
        foreach ([80_000_000, 160_000_000] as $span) {
            $this->assertEqualsWithDelta(LocalFlatness::worst($heights, $span), LocalFlatness::worst($askew, $span), 1.0);
        }
        $this->assertEqualsWithDelta(MinimumZone::of($heights)->width, MinimumZone::of($askew)->width, 1.0);
    }

    public function test_points_in_one_line_have_no_plane(): void
    {
        $line = array_map(static fn (int $i): Height => new Height($i * 10_000_000, $i * 30_000_000, $i * $i), range(0, 4));
        $this->assertNull(LeastSquaresPlane::tiltOf($line));
        $this->assertNull(LeastSquaresPlane::tiltOf([$line[0]]));
        $this->assertNotNull(LeastSquaresPlane::tiltOf([...$line, new Height(0, 10_000_000, 0)]));
    }

    private static function chance(int $seed): Randomizer
    {
        return new Randomizer(new Mt19937($seed));
    }

    /** @return non-empty-list<Height> On a face of 500 by 250 mm, in nanometres */
    private static function scattered(Randomizer $chance, int $count, int $rough): array
    {
        return array_map(
            static fn (): Height => new Height(
                $chance->getInt(0, 500) * 1_000_000,
                $chance->getInt(0, 250) * 1_000_000,
                $chance->getInt(0, $rough),
            ),
            range(1, $count),
        );
    }

    /** @return non-empty-list<Height> Columns and rows 50 mm apart */
    private static function grid(Randomizer $chance, int $columns, int $rows, int $rough): array
    {
        return array_map(
            static fn (int $index): Height => new Height(
                ($index % $columns) * 50_000_000,
                intdiv($index, $columns) * 50_000_000,
                $chance->getInt(0, $rough),
            ),
            range(0, $columns * $rows - 1),
        );
    }

    /** @param  non-empty-list<Height>  $heights */
    private static function squares(array $heights, Tilt $tilt): float
    {
        $left = array_map(static fn (Height $one): float => $one->z - $tilt->heightAt($one->x, $one->y), $heights);
        $mean = array_sum($left) / count($left);

        return array_sum(array_map(static fn (float $one): float => ($one - $mean) ** 2, $left));
    }
}
