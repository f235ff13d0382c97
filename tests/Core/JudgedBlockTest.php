<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Practice\BlockAnswer;
use NorthLedger\Core\Practice\BlockRecord;
use NorthLedger\Core\Practice\BlockScore;
use NorthLedger\Core\Practice\Deduction;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Simulation\SimulatedBlock;
use NorthLedger\Core\Simulation\SimulationException;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Simulated blocks can be judged as true with their gauge, and a score says what was judged wrongly (PRAC-2). */
final class JudgedBlockTest extends TestCase
{
    /** After so many readings the careful learner puts the gauge back on its master. */
    private const CHECKS_EVERY = 4;

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'brae-v8-311', 'cairn-l4-144', 'fell-6-d', 'quern-3-16', 'sorrel-f4'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_a_careful_learner_judges_every_block_as_it_is(string $family): void
    {
        [$sheet, $policy] = [Bench::sheet($family), Bench::policy()];
        $ways = [];
        for ($seed = 0; $seed < 200; $seed++) {
            $difficulty = BlockDifficulty::cases()[$seed % count(BlockDifficulty::cases())];
            $block = SimulatedBlock::of($sheet, $policy, $difficulty, $seed);
            $truth = $block->truth($policy);
            [$judged, $read] = $this->judge($block);

            $this->assertSame($truth->canStay->stays(), $judged->canStay->stays(), "seed {$seed}");
            $this->assertSame($truth->recommendation?->option->key(), $judged->recommendation?->option->key(), "seed {$seed}");
            $keys = array_keys($read);
            $true = array_combine($keys, array_map(static fn (string $key): Length => $block->diameter(Place::parse($key)), $keys));
            $score = BlockScore::of(
                $truth,
                new BlockAnswer($judged->canStay->stays(), (string) $judged->recommendation?->option->key()),
                new BlockRecord($read, count($read)),
                $true,
                $block->gauge->explained(),
                count($read),
            );
            $this->assertSame(BlockScore::MOST, $score->points(), "seed {$seed}");
            $ways[$judged->canStay->stays() ? 'stays' : 'cut'] = true;
        }
        $this->assertCount(2, $ways, 'some stay, and some do not');
    }

    public function test_the_same_seed_makes_the_same_block_and_its_gauge_shows_whole_divisions(): void
    {
        $block = static fn (int $seed): SimulatedBlock => SimulatedBlock::of(
            Bench::sheet('tarn-4-198'),
            Bench::policy(),
            BlockDifficulty::Drifting,
            $seed,
        );
        foreach ($block(3)->places() as $index => $place) {
            $shown = $block(3)->gauge->shows($block(3)->diameter($place), $index, $index, false);
            $this->assertEquals($shown, $block(3)->gauge->shows($block(3)->diameter($place), $index, $index, false));
            $this->assertSame(0, $shown->nanometres % 12_700);
        }
        $metric = SimulatedBlock::of(Bench::sheet('fell-6-d'), Bench::policy(), BlockDifficulty::Plain, 3);
        $shown = $metric->gauge->shows($metric->diameter($metric->places()[0]), 0, 0, false);
        $this->assertSame(0, $shown->nanometres % 10_000, 'in hundredths of a millimetre');
        $this->assertNotEquals($block(3)->diameter($block(3)->places()[0]), $block(4)->diameter($block(4)->places()[0]));
    }

    public function test_a_gauge_that_drifts_holds_its_zero_at_first_and_once_it_was_set_again(): void
    {
        $block = SimulatedBlock::of(Bench::sheet('tarn-4-198'), Bench::policy(), BlockDifficulty::Drifting, 1);
        $this->assertFalse($block->gauge->hasDrifted(4, false));
        $this->assertTrue($block->gauge->hasDrifted(20, false));
        $this->assertTrue($block->gauge->shows($block->sheet->bore->nominal, 20, 20, false)->isPositive());
        $this->assertFalse($block->gauge->hasDrifted(20, true));
        $this->assertTrue($block->gauge->shows($block->sheet->bore->nominal, 20, 20, true)->isZero());
        $plain = SimulatedBlock::of(Bench::sheet('tarn-4-198'), Bench::policy(), BlockDifficulty::Plain, 1);
        $this->assertFalse($plain->gauge->hasDrifted(200, false));
    }

    public function test_a_wrong_stay_weighs_more_than_a_wrong_cut_and_every_mistake_is_named(): void
    {
        [$worn, $sound] = [$this->blockThat(stays: false), $this->blockThat(stays: true)];
        $stay = $this->score($worn, new BlockAnswer(true, 'stay'));
        $this->assertSame([false, false], [$stay->isVerdictRight, $stay->isWayRight]);
        $this->assertSame([Deduction::FalseStay->value => 1, Deduction::OtherWay->value => 1], $stay->deductions);
        $this->assertSame(20, $stay->points());

        $cut = $this->score($sound, new BlockAnswer(false, 'bore 762000'));
        $this->assertSame([Deduction::FalseCut->value => 1, Deduction::OtherWay->value => 1], $cut->deductions);
        $this->assertGreaterThan($stay->points(), $cut->points());
        $this->assertGreaterThan(0, $cut->costsMore?->minor, 'pistons and boring for nothing');

        $right = new BlockAnswer(true, 'stay');
        $careless = $this->score($sound, $right, off: 3 * 12_700, taken: 14, needed: 9, notLookedAt: 12, isCareless: true);
        $this->assertSame(
            [
                Deduction::OffReading->value => 8,
                Deduction::MissingReading->value => 1,
                Deduction::SkippedLook->value => 12,
                Deduction::NotCheckedBack->value => 1,
                Deduction::NeedlessReading->value => 5,
                Deduction::DriftMissed->value => 1,
            ],
            $careless->deductions,
        );
        $this->assertSame(100 - 20 - 2 - 10 - 5 - 5 - 15, $careless->points(), 'however many are off, twenty points are lost by it');
        $this->assertArrayNotHasKey(
            Deduction::SkippedLook->value,
            $this->score($worn, new BlockAnswer(false, 'bore 508000'), notLookedAt: 20)->deductions,
            'what is cut is seen afterwards',
        );
        $this->assertNull($careless->costsMore);
    }

    public function test_a_family_without_limits_makes_no_block(): void
    {
        $this->expectException(SimulationException::class);
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/tarn-4-198.json'), true);
        unset($document['piston']['standard']);
        SimulatedBlock::of(SpecificationSheet::fromArray($document), Bench::policy(), BlockDifficulty::Plain, 1);
    }

    private function blockThat(bool $stays): SimulatedBlock
    {
        for ($seed = 0; ; $seed++) {
            $block = SimulatedBlock::of(Bench::sheet('tarn-4-198'), Bench::policy(), BlockDifficulty::Plain, $seed);
            if ($block->truth(Bench::policy())->canStay->stays() === $stays) {
                return $block;
            }
        }
    }

    private function score(
        SimulatedBlock $block,
        BlockAnswer $answer,
        int $off = 0,
        int $taken = 8,
        int $needed = 8,
        int $notLookedAt = 0,
        bool $isCareless = false,
    ): BlockScore {
        $read = $true = [];
        foreach (array_slice($block->places(), 0, 8) as $place) {
            $true[$place->key] = $block->diameter($place);
            $read[$place->key] = $block->diameter($place)->plus(Length::ofNanometres($off));
        }

        $record = new BlockRecord($read, $taken, [], $notLookedAt, ! $isCareless, $isCareless);

        return BlockScore::of($block->truth(Bench::policy()), $answer, $record, $true, $block->gauge->explained(), $needed);
    }

    /**
     * Reads in the proposed order, puts the gauge back on its master every few readings, and reads anew what was read since it last held.
     *
     * @return array{BlockAssessment, array<string, Length>} By place key, what counts
     */
    private function judge(SimulatedBlock $block): array
    {
        $read = $sinceCheck = [];
        $taken = $sinceZero = 0;
        $again = false;
        while (true) {
            $judged = $block->judgedBy(Bench::policy(), $read);
            $place = $judged->next->place;
            $isOver = $place === null || $place->feature !== BoreFeature::Bore;
            if (! $isOver) {
                $shown = $block->gauge->shows($block->diameter($place), $taken++, $sinceZero++, $again);
                $read[$place->key] = $block->sheet->bore->nominal->plus($shown);
                $sinceCheck[] = $place->key;
            }
            if ($sinceCheck !== [] && ($isOver || count($sinceCheck) === self::CHECKS_EVERY)) {
                $holds = $block->gauge->shows($block->sheet->bore->nominal, $taken, $sinceZero, $again)->isZero();
                $read = $holds ? $read : array_diff_key($read, array_flip($sinceCheck));
                [$sinceCheck, $sinceZero, $again] = [[], $holds ? $sinceZero : 0, $again || ! $holds];
            } elseif ($isOver) {
                return [$judged, $read];
            }
        }
    }
}
