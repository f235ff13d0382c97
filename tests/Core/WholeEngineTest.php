<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Practice\Deduction;
use NorthLedger\Core\Practice\EngineAnswer;
use NorthLedger\Core\Practice\EngineRecord;
use NorthLedger\Core\Practice\EngineScore;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Simulation\CrackSight;
use NorthLedger\Core\Simulation\EngineMaker;
use NorthLedger\Core\Simulation\PartGauge;
use NorthLedger\Core\Simulation\PartWear;
use NorthLedger\Core\Simulation\SimulatedBlock;
use NorthLedger\Core\Simulation\SimulatedParts;
use NorthLedger\Core\Simulation\SoundParts;
use NorthLedger\Core\Simulation\WholeEngine;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whole engines to practise on: what they are is known, any gauge fit for them tells it, and judging them is scored (PRAC-2). */
final class WholeEngineTest extends TestCase
{
    private const FAMILIES = ['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'];

    /** Of every family: 204 engines in all. */
    private const SEEDS = 34;

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (self::FAMILIES as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_an_ideal_learner_judges_every_part_as_it_is(string $family): void
    {
        $sheet = Bench::sheet($family);
        $maker = new EngineMaker($sheet, Bench::policy());
        $worn = 0;
        for ($seed = 1; $seed <= self::SEEDS; $seed++) {
            $engine = $maker->make(BlockDifficulty::cases()[$seed % 3], $seed);
            $verdicts = $engine->verdicts();
            $this->assertNotContains(PartVerdict::NotYetKnown, $verdicts, "seed {$seed}");
            $this->assertSame($verdicts, $this->asRead($family, $engine, $seed)->verdicts(), "seed {$seed}");
            $worn += (int) (array_diff_key($verdicts, ['block' => true, 'cylinders' => true]) !== [] && $engine->parts->worn !== []);
        }
        $this->assertSame(self::SEEDS, $worn, 'every one has something wrong beside its bores');
    }

    #[DataProvider('families')]
    public function test_what_nothing_was_done_to_is_good(string $family): void
    {
        $sheet = Bench::sheet($family);
        $block = SimulatedBlock::of($sheet, Bench::policy(), BlockDifficulty::Plain, 1);
        $sound = new WholeEngine($sheet, Bench::policy(), $block, new SimulatedParts($sheet, [], 1), null);
        $beside = array_diff_key($sound->verdicts(), ['block' => true, 'cylinders' => true]);
        $this->assertSame([PartVerdict::Serviceable], array_values(array_unique($beside, SORT_REGULAR)));
    }

    public function test_the_same_seed_is_the_same_engine(): void
    {
        $maker = new EngineMaker(Bench::sheet('quern-3-16'), Bench::policy());
        $once = $maker->make(BlockDifficulty::Close, 77);
        $again = $maker->make(BlockDifficulty::Close, 77);
        $this->assertSame($once->parts->worn, $again->parts->worn);
        $this->assertEquals($once->sight, $again->sight);
        $this->assertNotSame($once->parts->worn, $maker->make(BlockDifficulty::Close, 78)->parts->worn);
    }

    public function test_no_two_places_are_quite_the_same_and_engines_of_before_stay_what_they_were(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $values = static fn (Section $section, SimulatedParts $parts): array => array_map(
            $parts->value(...),
            InspectionPlan::of($section, $sheet)->walk(),
        );
        $sound = new SoundParts($sheet);
        [$before, $today] = [new SimulatedParts($sheet, [], 5, 0), new SimulatedParts($sheet, [], 5)];
        foreach ([Section::Rods, Section::Weights, Section::Volumes, Section::Heads] as $section) {
            $asMade = array_map($sound->value(...), InspectionPlan::of($section, $sheet)->walk());
            $this->assertSame($asMade, $values($section, $before), $section->value);
            $this->assertNotSame($asMade, $values($section, $today), $section->value);
        }
        [$was, $is] = [$values(Section::Crankshaft, $before), $values(Section::Crankshaft, $today)];
        $this->assertSame($was[0], $is[0], 'a journal is as uneven as it was');
        $this->assertSame($values(Section::Rods, $today), $values(Section::Rods, new SimulatedParts($sheet, [], 5)));
        $this->assertNotSame($values(Section::Rods, $today), $values(Section::Rods, new SimulatedParts($sheet, [], 6)));
    }

    public function test_every_kind_of_wear_is_of_a_place_of_its_section(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        foreach (PartWear::cases() as $wear) {
            $features = array_map(
                static fn ($one): string => $one->place->feature->code(),
                InspectionPlan::of($wear->section(), $sheet)->walk(),
            );
            $this->assertContains($wear->feature()->code(), $features, $wear->value);
        }
    }

    public function test_only_a_crack_comes_back(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $number = $sheet->pronePlaces[0]->number;
        $this->assertTrue(CrackSight::at($sheet, $number, true)->indication($sheet)->isCrack());
        $this->assertFalse(CrackSight::at($sheet, $number, false)->indication($sheet)->isCrack());
    }

    public function test_a_part_that_is_called_better_than_it_is_costs_more_than_one_that_is_called_worse(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $block = SimulatedBlock::of($sheet, Bench::policy(), BlockDifficulty::Plain, 1);
        $engine = new WholeEngine($sheet, Bench::policy(), $block, new SimulatedParts($sheet, ['pinscore.2' => 50_000], 1), null);
        $is = $engine->verdicts();
        $way = (string) $engine->truth()->bores()->recommendation?->option->key();
        $nothing = new EngineRecord([], 0, 0, 0, 0, false);
        $score = fn (array $said, EngineRecord $record, string $way): EngineScore => EngineScore::of(
            $engine->truth(),
            new EngineAnswer($said, $way),
            $record,
        );

        $this->assertSame([100, []], [$score($is, $nothing, $way)->points(), $score($is, $nothing, $way)->deductions]);
        $this->assertSame(PartVerdict::Recondition, $is['crankshaft']);
        $tooGood = $score(['crankshaft' => PartVerdict::Serviceable] + $is, $nothing, $way);
        $tooBad = $score(['crankshaft' => PartVerdict::Scrap] + $is, $nothing, $way);
        $unsaid = $score(array_diff_key($is, ['crankshaft' => true]), $nothing, $way);
        $this->assertSame([70, 85, 85], [$tooGood->points(), $tooBad->points(), $unsaid->points()]);
        $this->assertSame(80, $score($is, $nothing, 'replace')->points());

        $careless = new EngineRecord(['main.1.front.0', 'pin.1.front.0'], 5, 3, 2, 1, true);
        $this->assertSame(
            [
                'off reading' => 2,
                'missing reading' => 5,
                'unchecked part' => 2,
                'misplaced line' => 1,
                'needless reading' => 3,
                'drift missed' => 1,
            ],
            $score($is, $careless, $way)->deductions,
        );
        $this->assertSame(100 - 10 - 10 - 10 - 10 - 3 - 15, $score($is, $careless, $way)->points());
        $this->assertSame(60, Deduction::TooGood->lostBy(5));
    }

    public function test_with_the_bores_of_a_block_that_is_scrap_no_way_is_right_or_wrong(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $block = SimulatedBlock::of($sheet, Bench::policy(), BlockDifficulty::Plain, 1);
        $web = array_values(array_filter($sheet->pronePlaces, static fn (PronePlace $one): bool => $one->zone === CrackZone::MainWeb))[0];
        $sight = CrackSight::at($sheet, $web->number, true);
        $engine = new WholeEngine($sheet, Bench::policy(), $block, new SimulatedParts($sheet, [], 1), $sight);
        $this->assertSame(PartVerdict::Scrap, $engine->verdicts()['block']);
        foreach (['stay', 'bore 508000', 'replace'] as $way) {
            $score = EngineScore::of(
                $engine->truth(),
                new EngineAnswer($engine->verdicts(), $way),
                new EngineRecord([], 0, 0, 0, 0, false),
            );
            $this->assertSame([true, 100, null], [$score->isWayRight, $score->points(), $score->costsMore]);
        }
    }

    /** Every gauged place as the gauge that is usual for it shows it. */
    private function asRead(string $family, WholeEngine $engine, int $seed): WholeEngine
    {
        $sheet = Bench::sheet($family);
        $shown = $engine->parts->worn;
        foreach (Section::beside() as $section) {
            foreach (InspectionPlan::of($section, $sheet)->walk() as $one) {
                $value = $one->place->feature->isGauged() ? $engine->value($one) : null;
                if ($value !== null) {
                    $gauge = new PartGauge(UsualGauge::of($one->place->feature, $one->nominal), $seed + (crc32($one->place->key) >> 8));
                    $shown[$one->place->key] = $gauge->shows(Length::ofNanometres((int) $value), 0)->nanometres;
                }
            }
        }

        return new WholeEngine($sheet, Bench::policy(), $engine->block, $engine->parts->with($shown), $engine->sight);
    }
}
