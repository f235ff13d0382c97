<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Features\Faces\ShimStack;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Of all shims that the shop can stack, those with the least cut (DECK-2). */
final class ShimsTest extends TestCase
{
    private const STEP = 25_400;

    private const MOST = 76_200;

    private const SUPPORTS = [[0, 0], [400_000_000, 0], [400_000_000, 160_000_000], [0, 160_000_000]];

    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(21, 32) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    #[DataProvider('seeds')]
    public function test_no_other_stack_cuts_less(int $seed): void
    {
        $heights = self::tilted($seed);
        $best = ShimStack::best($heights, self::SUPPORTS, Length::ofNanometres(self::STEP), Length::ofNanometres(self::MOST));
        $counts = range(0, intdiv(self::MOST, self::STEP));
        foreach ($counts as $a) {
            foreach ($counts as $b) {
                foreach ($counts as $c) {
                    foreach ($counts as $d) {
                        $shims = array_map(static fn (int $count): int => $count * self::STEP, [$a, $b, $c, $d]);
                        $other = ShimStack::of($heights, self::SUPPORTS, $shims);
                        $this->assertGreaterThanOrEqual($best->cut - 0.5, $other->cut, implode(', ', $shims));
                    }
                }
            }
        }
        $this->assertSame(0, min($best->shims), 'one support has none');
        $this->assertSame(
            [0],
            array_values(array_unique(array_map(static fn (int $shim): int => $shim % self::STEP, $best->shims))),
            'whole steps',
        );
        $this->assertLessThanOrEqual(self::MOST, max($best->shims));
    }

    #[DataProvider('seeds')]
    public function test_a_face_that_leans_by_whole_shims_is_levelled_by_them(int $seed): void
    {
        $chance = new Randomizer(new Mt19937($seed));
        [$steps, $across] = [$chance->getInt(1, 3), $chance->getInt(0, 3)];
        $lean = static fn (int $x, int $y): int => -(int) round(self::STEP * (($steps * $x) / 400_000_000 + ($across * $y) / 160_000_000));
        $heights = [];
        foreach (range(0, 8) as $column) {
            foreach (range(0, 4) as $row) {
                [$x, $y] = [$column * 50_000_000, $row * 40_000_000];
                $heights[] = new Height($x, $y, $lean($x, $y));
            }
        }
        $most = Length::ofNanometres(6 * self::STEP);
        $best = ShimStack::best($heights, self::SUPPORTS, Length::ofNanometres(self::STEP), $most);
        $this->assertLessThan(2.0, $best->cut);
        $this->assertGreaterThan(self::STEP * 0.9, ShimStack::of($heights, self::SUPPORTS, [0, 0, 0, 0])->cut);
        $this->assertFalse($best->hasNone());
    }

    public function test_an_even_face_gets_none(): void
    {
        $flat = array_map(static fn (int $at): Height => new Height(($at % 9) * 50_000_000, intdiv($at, 9) * 40_000_000, 0), range(0, 44));
        $best = ShimStack::best($flat, self::SUPPORTS, Length::ofNanometres(self::STEP), Length::ofNanometres(self::MOST));
        $this->assertTrue($best->hasNone());
        $this->assertSame(0, $best->cutLength()->nanometres);
        $this->assertSame(0, $best->rockLength()->nanometres);
    }

    public function test_one_shim_alone_rocks(): void
    {
        $flat = [new Height(0, 0, 0), new Height(400_000_000, 160_000_000, 0)];
        $this->assertGreaterThan(0, ShimStack::of($flat, self::SUPPORTS, [self::STEP, 0, 0, 0])->rockLength()->nanometres);
        $this->assertSame(
            0,
            ShimStack::of($flat, self::SUPPORTS, [self::STEP, self::STEP, 0, 0])->rockLength()->nanometres,
            'two of one side stand in one plane with the others',
        );
    }

    /** @return non-empty-list<Height> */
    private static function tilted(int $seed): array
    {
        $chance = new Randomizer(new Mt19937($seed));
        [$along, $across] = [$chance->getInt(-80_000, 80_000), $chance->getInt(-80_000, 80_000)];
        $heights = [];
        foreach (range(0, 8) as $column) {
            foreach (range(0, 4) as $row) {
                $heights[] = new Height(
                    $column * 50_000_000,
                    $row * 40_000_000,
                    (int) round(($along * $column) / 8 + ($across * $row) / 4) + $chance->getInt(-15_000, 15_000),
                );
            }
        }

        return $heights;
    }
}
