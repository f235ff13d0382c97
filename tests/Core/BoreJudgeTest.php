<?php

declare(strict_types=1);

namespace Tests\Core;

use Eris\Generators;
use Eris\TestTrait;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\Pistons;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\TestCase;

final class BoreJudgeTest extends TestCase
{
    use TestTrait;

    public function test_an_unread_piston_can_condemn_a_bore_and_never_pass_it(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $tight = $this->judge()->judge(Bench::bore($sheet, 1, [1, 0.6, 0.7, 0.4, 0.3, 0.2]));
        $loose = $this->judge()->judge(Bench::bore($sheet, 1, [6, 5, 5, 4.5, 4, 3.5]));

        $this->assertSame(Outcome::Missing, $tight->finding(Criterion::Clearance)->outcome);
        $this->assertSame(
            ['piston.1'],
            array_map(static fn (Place $place): string => $place->key, $tight->finding(Criterion::Clearance)->missing),
        );
        $this->assertSame(Outcome::Fail, $loose->finding(Criterion::Clearance)->outcome);
    }

    public function test_a_reading_at_the_limit_holds_and_is_a_close_call(): void
    {
        $finding = $this->judge()
            ->judge(Bench::bore(Bench::sheet('tarn-4-198'), 1, [2.5, 0.5, 1, 0.5, 0.5, 0.4], 1.5))
            ->finding(Criterion::OutOfRound);

        $this->assertSame(Outcome::Pass, $finding->outcome);
        $this->assertTrue($finding->isCloseCall);
        $this->assertSame(0, $finding->margin?->value);
    }

    public function test_a_guarded_shop_leaves_a_close_call_undecided(): void
    {
        $judged = $this->judge(DecisionRule::Guarded)->judge(Bench::bore(Bench::sheet('tarn-4-198'), 1, [2.5, 0.5, 1, 0.5, 0.5, 0.4], 1.5));

        $this->assertSame(Outcome::Undecided, $judged->finding(Criterion::OutOfRound)->outcome);
        $this->assertSame(CanStay::NotYetKnown, $judged->canStay);
    }

    public function test_deposits_hide_a_ridge_unless_the_other_end_catches(): void
    {
        $judge = fn (RidgeLook $top, RidgeLook $bottom): Outcome => $this->judge()
            ->judge(Bench::bore(Bench::sheet('tarn-4-198'), 1, [], null, new BoreLooks(ridgeAtTop: $top, ridgeAtBottom: $bottom)))
            ->finding(Criterion::Ridge)->outcome;

        $this->assertSame(Outcome::Missing, $judge(RidgeLook::Deposits, RidgeLook::None));
        $this->assertSame(Outcome::Fail, $judge(RidgeLook::Deposits, RidgeLook::CatchesNail));
        $this->assertSame(Outcome::Pass, $judge(RidgeLook::Felt, RidgeLook::None));
    }

    public function test_a_concession_covers_pitting_that_is_felt_and_no_more(): void
    {
        $judge = fn (PittingClass $class): Outcome => $this->judge()
            ->judge(Bench::bore(Bench::sheet('tarn-4-198'), 1, [], null, new BoreLooks(pitting: $class, pittingConceded: true)))
            ->finding(Criterion::Pitting)->outcome;

        $this->assertSame(Outcome::Concession, $judge(PittingClass::Felt));
        $this->assertSame(Outcome::Fail, $judge(PittingClass::CatchesNail));
    }

    public function test_a_finding_says_its_value_limit_margin_and_doubt(): void
    {
        $finding = $this->judge()
            ->judge(Bench::bore(Bench::sheet('tarn-4-198'), 3, [9.6, 5.2, null, null, 2.2]))
            ->finding(Criterion::OutOfRound);

        $this->assertSame(
            [111_760, 50_800, -60_960],
            [$finding->value?->value, $finding->limits?->tolerance()->nanometres, $finding->margin?->value],
        );
        $this->assertEqualsWithDelta(2 * sqrt(2 * (2_540 ** 2 / 12 + 2_540 ** 2)), $finding->uncertainty?->expanded()->nanometres, 1);
        $this->assertSame(
            ['bore.3.top.thrust', 'bore.3.top.inline'],
            array_map(static fn ($reading): string => $reading->place->key, $finding->readings),
        );
    }

    public function test_once_past_a_limit_more_readings_never_bring_it_back(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $this->limitTo(60)
            ->forAll(Generators::tuple(...array_fill(0, 6, Generators::choose(0, 90))), Generators::choose(0, 5))
            ->then(function (array $tenths, int $left) use ($sheet): void {
                $all = array_map(static fn (int $value): float => $value / 10, $tenths);
                $some = $all;
                $some[$left] = null;
                foreach ($this->judge()->judge(Bench::bore($sheet, 1, $some))->findings as $name => $finding) {
                    if ($finding->outcome === Outcome::Fail) {
                        $this->assertSame(Outcome::Fail, $this->judge()->judge(Bench::bore($sheet, 1, $all))->findings[$name]->outcome);
                    }
                }
                $this->assertContainsOnlyInstancesOf(Finding::class, $this->judge()->judge(Bench::bore($sheet, 1, $all))->findings);
            });
    }

    public function test_readings_come_in_any_order(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $bore = Bench::bore($sheet, 1, [3, 2, 2.5, 1.5, 1, 0.5], 1.5);
        $shuffled = BoreInspection::of(1, array_values(array_reverse($bore->readings)), $bore->piston, $bore->looks);

        $this->assertEquals(
            array_column($this->judge()->judge($bore)->findings, 'outcome'),
            array_column($this->judge()->judge($shuffled)->findings, 'outcome'),
        );
        $this->assertEquals($this->judge()->judge($bore)->measures->size(), $this->judge()->judge($shuffled)->measures->size());
    }

    private function judge(DecisionRule $rule = DecisionRule::Simple): BoreJudge
    {
        $sheet = Bench::sheet('tarn-4-198');

        return new BoreJudge(
            $sheet->bore->nominal,
            $sheet->bore->oversizes,
            $sheet->bore->service,
            Length::ofNanometres(101_600),
            Length::zero(),
            Pistons::of($sheet->piston, Length::ofNanometres(76_200)),
            2,
            $rule,
        );
    }
}
