<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Features\Crankshaft\JournalException;
use NorthLedger\Core\Features\Crankshaft\JournalFinish;
use NorthLedger\Core\Features\Crankshaft\JournalGroup;
use NorthLedger\Core\Features\Crankshaft\JournalInspection;
use NorthLedger\Core\Features\Crankshaft\JournalJudge;
use NorthLedger\Core\Features\Crankshaft\JournalLimits;
use NorthLedger\Core\Features\Crankshaft\JournalReading;
use NorthLedger\Core\Features\Crankshaft\JudgedJournal;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One journal at its limits: each limit itself conforms, one nanometre past it does not. */
final class JournalTest extends TestCase
{
    private const LEAST = 60_299_600;

    private const MOST = 60_325_000;

    private const UNDERSIZE = 254_000;

    public function test_size_round_and_taper_come_from_the_grid(): void
    {
        $journal = $this->journal([[60_310_000, 60_305_000], [60_312_000, 60_309_000], [60_311_500, 60_301_000]]);

        $this->assertSame(60_301_000, $journal->size()->nanometres, 'the smallest reading');
        $this->assertSame(10_500, $journal->outOfRound()->nanometres, 'the worst station');
        $this->assertSame(8_000, $journal->taper()->nanometres, 'the worst axis');
    }

    /** @return iterable<string, array{list<list<int>>, bool}> */
    public static function sizes(): iterable
    {
        yield 'the smallest of the range' => [[[self::LEAST, self::LEAST], [self::LEAST, self::LEAST]], true];
        yield 'the largest of the range' => [[[self::MOST, self::MOST], [self::MOST, self::MOST]], true];
        yield 'one place just under it' => [[[self::LEAST, self::LEAST], [self::LEAST, self::LEAST - 1]], false];
        yield 'one place just over it' => [[[self::MOST, self::MOST], [self::MOST + 1, self::MOST]], false];
        yield 'as far out of round as allowed' => [[[self::LEAST, self::LEAST + 5_080], [self::LEAST, self::LEAST]], true];
        yield 'further out of round' => [[[self::LEAST, self::LEAST + 5_081], [self::LEAST, self::LEAST + 5_081]], false];
        yield 'as far tapered as allowed' => [[[self::LEAST, self::LEAST], [self::LEAST + 7_620, self::LEAST + 7_620]], true];
        yield 'further tapered' => [[[self::LEAST, self::LEAST], [self::LEAST + 7_621, self::LEAST + 7_621]], false];
        yield 'ground once, inside its own range' => [
            [
                [self::LEAST - self::UNDERSIZE, self::LEAST - self::UNDERSIZE],
                [self::LEAST - self::UNDERSIZE, self::LEAST - self::UNDERSIZE],
            ],
            true,
        ];
        yield 'ground once, worn past it' => [
            [
                [self::MOST - self::UNDERSIZE, self::MOST - self::UNDERSIZE],
                [self::MOST - self::UNDERSIZE, self::LEAST - self::UNDERSIZE - 1],
            ],
            false,
        ];
    }

    /** @param  list<list<int>>  $grid */
    #[DataProvider('sizes')]
    public function test_polishing_is_enough_up_to_the_limits_themselves(array $grid, bool $isGood): void
    {
        $this->assertSame($isGood, $this->judged($this->journal($grid))->polishOnly);
    }

    public function test_runout_and_scores_are_limits_of_their_own(): void
    {
        $grid = [[self::MOST, self::MOST], [self::MOST, self::MOST]];

        $this->assertTrue($this->judged($this->journal($grid, runout: 25_400))->polishOnly);
        $this->assertFalse($this->judged($this->journal($grid, runout: 25_401))->polishOnly);
        $this->assertFalse($this->judged($this->journal($grid, score: 1))->polishOnly, 'no score is polished away');
    }

    public function test_the_undersize_it_has_is_told_by_its_least_worn_place(): void
    {
        $ground = self::MOST - self::UNDERSIZE;
        $worn = $this->judged($this->journal([[$ground, $ground - 120_000], [$ground, $ground - 150_000]]));

        $this->assertSame(self::UNDERSIZE, $worn->currentUndersize->nanometres, 'though one place is nearer to the next');
        $this->assertSame(
            0,
            $this->judged($this->journal([[self::LEAST, self::LEAST], [self::LEAST - 200_000, self::LEAST]]))->currentUndersize->nanometres,
        );
    }

    public function test_what_grinding_has_to_reach_takes_scores_twice_and_runout_and_stock_once(): void
    {
        $journal = $this->journal([[self::MOST, self::LEAST], [self::MOST, self::MOST]], score: 30_000, runout: 20_000);

        $this->assertSame(self::LEAST - 60_000 - 20_000 - 50_800, $this->judged($journal)->need->nanometres);
    }

    /** @return iterable<string, array{?int, JournalFinish}> */
    public static function finishes(): iterable
    {
        yield 'not measured' => [null, JournalFinish::NotMeasured];
        yield 'just too smooth' => [126, JournalFinish::TooSmooth];
        yield 'the smoothest' => [127, JournalFinish::InRange];
        yield 'the roughest' => [381, JournalFinish::InRange];
        yield 'just too rough' => [382, JournalFinish::TooRough];
    }

    #[DataProvider('finishes')]
    public function test_a_finish_out_of_range_is_polished_and_never_ground(?int $nanometres, JournalFinish $expected): void
    {
        $judged = $this->judged($this->journal([[self::MOST, self::MOST], [self::MOST, self::MOST]], finish: $nanometres));

        $this->assertSame($expected, $judged->finish);
        $this->assertTrue($judged->polishOnly);
    }

    /** @return iterable<string, array{list<list<int>>}> */
    public static function gaps(): iterable
    {
        yield 'nothing read' => [[]];
        yield 'one station' => [[[self::MOST, self::MOST]]];
        yield 'one axis' => [[[self::MOST], [self::MOST]]];
        yield 'a place left out' => [[[self::MOST, self::MOST], [self::MOST]]];
        yield 'no size at all' => [[[self::MOST, self::MOST], [self::MOST, 0]]];
    }

    /** @param  list<list<int>>  $grid */
    #[DataProvider('gaps')]
    public function test_a_grid_that_is_not_full_is_no_inspection(array $grid): void
    {
        $this->expectException(JournalException::class);
        $this->journal($grid);
    }

    /** @param  list<list<int>>  $grid  Nanometres by station and axis */
    private function journal(array $grid, int $score = 0, int $runout = 0, ?int $finish = null): JournalInspection
    {
        $readings = [];
        foreach ($grid as $station => $diameters) {
            foreach ($diameters as $axis => $diameter) {
                $readings[] = new JournalReading("station {$station}", "axis {$axis}", Length::ofNanometres($diameter));
            }
        }

        return JournalInspection::of(
            'main 1',
            JournalGroup::Mains,
            $readings,
            Length::ofNanometres($score),
            Length::ofNanometres($runout),
            $finish === null ? null : Roughness::ofNanometres($finish),
        );
    }

    private function judged(JournalInspection $journal): JudgedJournal
    {
        $limits = new JournalLimits(
            Length::ofNanometres(5_080),
            Length::ofNanometres(7_620),
            Length::ofNanometres(25_400),
            Roughness::ofNanometres(127),
            Roughness::ofNanometres(381),
        );
        $undersizes = [Length::ofNanometres(self::UNDERSIZE), Length::ofNanometres(2 * self::UNDERSIZE)];

        return (new JournalJudge(
            Length::ofNanometres(self::LEAST),
            Length::ofNanometres(self::MOST),
            $undersizes,
            $limits,
            Length::ofNanometres(50_800),
        ))->judge($journal);
    }
}
