<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\FaceSurface;
use NorthLedger\Core\Engine\Specification\FaceSpec;
use NorthLedger\Core\Features\Faces\FaceGrid;
use NorthLedger\Core\Geometry\Height;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Bench;

/** The drawn face is the read face: straight between the heights, nothing invented between them. */
final class FaceSurfaceTest extends TestCase
{
    private const THOU = 25_400;

    private FaceSpec $spec;

    protected function setUp(): void
    {
        $this->spec = Bench::sheet('brae-v8-311')->deck ?? self::fail('A V8 has decks.');
    }

    public function test_an_even_face_is_even_everywhere(): void
    {
        $surface = $this->surface(static fn (): int => 12_345);
        foreach ($this->cells() as [$column, $row]) {
            $this->assertSame(0.0, $surface->shareOfDepth($column, $row));
        }
        $this->assertSame([], $surface->contours(self::THOU, 1e-6));
    }

    public function test_a_face_that_falls_along_the_crankshaft_is_drawn_in_straight_lines_across_it(): void
    {
        $length = $this->spec->length->nanometres;
        // Five thou from the first column of places to the last, which stand 3 % in from the ends.
        $surface = $this->surface(static fn (int $x): int => (int) round((-5 * self::THOU * ($x / $length - 0.03)) / 0.94));
        $previous = -1.0;
        for ($column = 0; $column < FaceSurface::COLUMNS; $column++) {
            $share = $surface->shareOfDepth($column, 0);
            $this->assertGreaterThanOrEqual($previous, $share);
            $this->assertEqualsWithDelta(
                $share,
                $surface->shareOfDepth($column, FaceSurface::ROWS - 1),
                1e-9,
                'the same from edge to edge',
            );
            $previous = $share;
        }
        $lines = $surface->contours(self::THOU, 1 / $length);
        $this->assertGreaterThanOrEqual(4, count($lines), 'one line for every thou');
        foreach (array_slice($lines, 0, 4) as $index => $line) {
            $this->assertEqualsWithDelta(
                0.03 + (0.94 * ($index + 1)) / 5,
                $this->meanX(
                    $this->surface(static fn (int $x): int => (int) round((-5 * self::THOU * ($x / $length - 0.03)) / 0.94))->contours(
                        self::THOU,
                        1_000 / $length,
                    )[$index],
                ) / 1_000,
                2e-3,
            );
            $this->assertStringStartsWith('M', $line);
        }
    }

    public function test_one_low_place_is_lowest_where_it_was_read(): void
    {
        $points = $this->points();
        foreach (['a1', 'b5', 'c9'] as $low) {
            $surface = $this->surface(static fn (int $x, int $y, string $spot): int => $spot === $low ? -3 * self::THOU : 0);
            [$x, $y] = $points[$low];
            $column = min(FaceSurface::COLUMNS - 1, (int) floor((FaceSurface::COLUMNS * $x) / $this->spec->length->nanometres));
            $row = min(FaceSurface::ROWS - 1, (int) floor((FaceSurface::ROWS * $y) / $this->spec->width->nanometres));
            $shares = [];
            foreach ($this->cells() as [$atColumn, $atRow]) {
                $shares["{$atColumn} {$atRow}"] = $surface->shareOfDepth($atColumn, $atRow);
            }
            $this->assertGreaterThan(0.5, $shares["{$column} {$row}"], "the cell of {$low}");
            $this->assertGreaterThan(max($shares) - 0.35, $shares["{$column} {$row}"], "{$low} lies in the lowest part");
            $this->assertSame(0.0, min($shares), 'what was read level stays level');
        }
    }

    public function test_nothing_is_drawn_higher_or_lower_than_it_was_read(): void
    {
        $chance = new Randomizer(new Mt19937(614));
        for ($round = 0; $round < 20; $round++) {
            $surface = $this->surface(static fn (): int => $chance->getInt(-80_000, 80_000));
            foreach ($this->cells() as [$column, $row]) {
                $share = $surface->shareOfDepth($column, $row);
                $this->assertGreaterThanOrEqual(0.0, $share);
                $this->assertLessThanOrEqual(1.0, $share);
            }
        }
    }

    public function test_a_face_that_is_read_in_part_is_drawn_as_far_as_it_goes(): void
    {
        $one = new FaceSurface([new Height(10, 20, 5)], 1_000, 400);
        $this->assertSame(0.0, $one->shareOfDepth(0, 0));
        $row = new FaceSurface([new Height(0, 50, 0), new Height(1_000, 50, -10)], 1_000, 400);
        $this->assertEqualsWithDelta(0.5 / FaceSurface::COLUMNS, $row->shareOfDepth(0, 0), 1e-9);
        $this->assertEqualsWithDelta(
            $row->shareOfDepth(3, 0),
            $row->shareOfDepth(3, FaceSurface::ROWS - 1),
            1e-9,
            'one row says nothing of the way across',
        );
        $this->assertCount(
            4,
            (new FaceSurface(
                [new Height(0, 0, 0), new Height(1_000, 0, -50), new Height(0, 400, 0), new Height(1_000, 400, -50)],
                1_000,
                400,
            ))->contours(11, 1.0),
        );
    }

    public function test_no_more_lines_are_drawn_than_can_be_told_apart(): void
    {
        $surface = new FaceSurface(
            [new Height(0, 0, 0), new Height(1_000, 0, -100_000), new Height(0, 400, 0), new Height(1_000, 400, -100_000)],
            1_000,
            400,
        );
        $this->assertCount(12, $surface->contours(10, 1.0));
    }

    /** @param  callable(int, int, string): int  $height  Of x, y and the spot */
    private function surface(callable $height): FaceSurface
    {
        $heights = [];
        foreach ($this->points() as $spot => [$x, $y]) {
            $heights[] = new Height($x, $y, $height($x, $y, $spot));
        }

        return new FaceSurface(
            $heights === [] ? self::fail('A face has points.') : $heights,
            $this->spec->length->nanometres,
            $this->spec->width->nanometres,
        );
    }

    /** @return array<string, array{int, int}> */
    private function points(): array
    {
        return FaceGrid::of($this->spec, 4)->points;
    }

    /** @return iterable<array{int, int}> */
    private function cells(): iterable
    {
        for ($row = 0; $row < FaceSurface::ROWS; $row++) {
            for ($column = 0; $column < FaceSurface::COLUMNS; $column++) {
                yield [$column, $row];
            }
        }
    }

    private function meanX(string $path): float
    {
        preg_match_all('/[ML](-?[\d.]+) /', $path, $matches);
        $all = array_map(floatval(...), $matches[1]);

        return array_sum($all) / max(1, count($all));
    }
}
