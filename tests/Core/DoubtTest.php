<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\Form;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\Settling;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\RepeatStudy;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Record\Reading;
use PHPUnit\Framework\TestCase;

/** What a reading is worth: studies, zeros on the part, close calls and what settles them (GAUGE-1, 2, 5, 6). */
final class DoubtTest extends TestCase
{
    public function test_a_study_takes_ten_readings_and_gives_their_standard_deviation(): void
    {
        $study = RepeatStudy::of(self::thou(0, 2, 1, 1, 1, 1, 1, 1, 1, 1));
        $this->assertSame(
            [25_400, (int) round(25_400 * sqrt(2 / 9)), 50_800],
            [$study->mean->nanometres, $study->repeatability->nanometres, $study->range->nanometres],
        );
        $this->assertTrue(RepeatStudy::of(self::thou(...array_fill(0, 10, 3)))->repeatability->isZero());
        $this->expectExceptionMessage('refusal.gauging.too_few_repeats (found: 9, needed: 10)');
        RepeatStudy::of(self::thou(...array_fill(0, 9, 3)));
    }

    public function test_a_study_does_not_depend_on_where_the_zero_stands(): void
    {
        mt_srand(7);
        for ($run = 0; $run < 200; $run++) {
            $readings = array_map(static fn (): int => mt_rand(-40_000, 40_000), range(1, 12));
            $shift = mt_rand(-100_000_000, 100_000_000);
            $of = static fn (int $by): RepeatStudy => RepeatStudy::of(
                array_map(static fn (int $one): Length => Length::ofNanometres($one + $by), $readings),
            );
            $this->assertEqualsWithDelta($of(0)->repeatability->nanometres, $of($shift)->repeatability->nanometres, 1);
            $this->assertLessThanOrEqual($of(0)->range->nanometres, $of(0)->repeatability->nanometres);
        }
    }

    public function test_every_kind_has_book_values_and_a_range_that_holds_its_ends(): void
    {
        foreach (InstrumentKind::cases() as $kind) {
            $this->assertSame(
                Scale::ofKind($kind) === null,
                Instrument::ofKind($kind)->resolution->isPositive(),
                'it weighs or it measures',
            );
            $this->assertTrue($kind->range()->reaches($kind->range()->least) && $kind->range()->reaches($kind->range()->most));
            $this->assertFalse($kind->range()->reaches($kind->range()->most->plus(Length::ofNanometres(1))));
            $this->assertFalse($kind->readsBores() && $kind->tracesWalls());
        }
        $this->expectException(GaugingException::class);
        GaugeRange::ofNanometres(5, 5);
    }

    public function test_a_zero_sized_by_another_gauge_takes_over_its_doubt(): void
    {
        $bore = Instrument::ofKind(InstrumentKind::BoreGaugeTenth);
        $micrometer = Instrument::ofKind(InstrumentKind::InsideMicrometer);
        $zeroed = $bore->zeroedBy($micrometer);
        $this->assertSame(
            [$bore->resolution, $bore->repeatability],
            [$zeroed->resolution, $zeroed->repeatability],
            'differences are worth what they were',
        );
        $expected = 2 * sqrt((2_540 / 2) ** 2 + (2_540 / 2) ** 2 + 2_540 ** 2 / 12 + 5_080 ** 2);
        $this->assertSame((int) round($expected), $zeroed->calibration->nanometres);
    }

    public function test_form_is_known_before_any_size(): void
    {
        $measures = BoreMeasures::of(
            BoreInspection::of(
                1,
                [
                    self::unsized(Station::Top, 2.0),
                    self::unsized(Station::Middle, 3.0),
                    self::unsized(Station::Bottom, 0.0),
                    self::unsized(Station::Top, 1.2, Axis::Inline),
                ],
                null,
                new BoreLooks(),
            ),
        );
        $this->assertNull($measures->size());
        $this->assertTrue($measures->needsSize && $measures->isRead());
        $this->assertSame(Form::Barrel, $measures->form(Axis::Thrust));
        $this->assertSame(76_200, $measures->taper['thrust']?->value()->nanometres);
        $this->assertSame(20_320, $measures->outOfRound['top']?->value()->nanometres);
        $this->assertSame(50_800, $measures->signedTaper(Axis::Thrust)?->nanometres);
    }

    public function test_readings_that_count_from_different_zeros_have_no_difference(): void
    {
        $readings = [
            self::unsized(Station::Top, 2.0),
            self::unsized(Station::Bottom, 0.0, Axis::Thrust, 'another'),
            self::unsized(Station::Middle, 1.0),
        ];
        $this->assertNull(Spread::across($readings));
        $measures = BoreMeasures::of(BoreInspection::of(1, $readings, null, new BoreLooks()));
        $this->assertNull($measures->taper['thrust']);
        $this->assertNull($measures->form(Axis::Thrust));
        $this->assertNull($measures->signedTaper(Axis::Thrust));
    }

    public function test_sizes_of_two_setups_can_be_compared_at_the_price_of_both_doubts(): void
    {
        $one = self::sized(Station::Top, 2.0, 'one');
        $other = self::sized(Station::Bottom, 0.0, 'other');
        $this->assertEqualsWithDelta(
            sqrt($one->sizeUncertainty()->standard ** 2 + $other->sizeUncertainty()->standard ** 2),
            Spread::of([$one, $other])->uncertainty()->standard,
            1e-6,
        );
        $same = self::sized(Station::Bottom, 0.0, 'one');
        $this->assertLessThan($one->sizeUncertainty()->standard * 2, Spread::of([$one, $same])->uncertainty()->standard);
        $this->assertEqualsWithDelta(sqrt(2 * (2_540 ** 2 / 12 + 2_540 ** 2)), Spread::of([$one, $same])->uncertainty()->standard, 1e-6);
    }

    public function test_an_undecided_bore_is_to_be_read_again_and_stays_not_yet_known(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $limit = $sheet->bore->service->outOfRound->nanometres / 25_400;
        $bore = static fn (int $cylinder, float $over): BoreInspection => Bench::bore(
            $sheet,
            $cylinder,
            [$over, 0.0, 0.0, 0.0, 0.0, 0.0],
            1.6,
        );
        $bores = [$bore(1, $limit), $bore(2, 0.5), $bore(3, 0.5), $bore(4, 0.5)];

        $guarded = BlockAssessment::of(
            $sheet,
            Bench::policy(['decision_rule' => ['incoming' => 'guarded', 'final' => 'simple']]),
            $bores,
            Length::zero(),
        );
        $this->assertSame(Outcome::Undecided, $guarded->bores[0]->finding(Criterion::OutOfRound)->outcome);
        $this->assertSame(
            [CanStay::NotYetKnown, NextReason::TooClose, 'bore.1.top.thrust'],
            [$guarded->canStay, $guarded->next->reason, $guarded->next->place?->key],
        );
        $this->assertFalse($guarded->isSettled());

        $simple = BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero());
        $this->assertSame(
            [Outcome::Pass, true],
            [$simple->bores[0]->finding(Criterion::OutOfRound)->outcome, $simple->bores[0]->finding(Criterion::OutOfRound)->isCloseCall],
        );
    }

    public function test_a_ridge_under_deposits_is_to_be_looked_at_again(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $looks = new BoreLooks(CrackLook::NoneSeen, RidgeLook::Deposits, RidgeLook::None, ScoringLook::None, PittingClass::None);
        $bores = array_map(
            static fn (int $cylinder): BoreInspection => Bench::bore(
                $sheet,
                $cylinder,
                [1, 0.5, 0.5, 0.4, 0.2, 0.2],
                1.6,
                $cylinder === 3 ? $looks : null,
            ),
            [1, 2, 3, 4],
        );
        $next = BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero())->next;
        $this->assertSame([NextReason::LookAgain, 'ridge.3.top'], [$next->reason, $next->place?->key]);
    }

    public function test_what_settles_a_close_call_would_leave_a_doubt_below_the_margin(): void
    {
        $finding = $this->outOfRound(0.15);
        $doubt = $finding->uncertainty?->expanded()->nanometres;
        $this->assertSame((int) round(2 * sqrt(2 * (2_540 ** 2 / 12 + 2_540 ** 2))), $doubt);
        $finer = Instrument::of(Length::ofNanometres(254), Length::ofNanometres(2_540), Length::ofNanometres(500));
        $settling = Settling::of($finding, ['G-01' => $finer, 'G-02' => Instrument::ofKind(InstrumentKind::BoreGaugeHalfThou)]);
        $this->assertSame(['G-01'], $settling->gauges);
        $this->assertFalse($settling->temperatures, 'of a difference they cancel');
        $scatter = $settling->scatter?->nanometres;
        $this->assertEqualsWithDelta(
            0.15 * 25_400,
            2 * sqrt(2 * (2_540 ** 2 / 12 + $scatter ** 2)),
            5,
            'repeats with that scatter leave just the margin',
        );
        $this->assertFalse($settling->isOpen());
    }

    public function test_a_clearance_can_be_settled_by_taking_both_temperatures(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $limit = $sheet->bore->service->clearance->nanometres;
        $margin = 9_000;
        $bores = array_map(
            static fn (int $cylinder): BoreInspection => Bench::bore(
                $sheet,
                $cylinder,
                [($limit - $margin) / 25_400 - 1.6, 0.2, 0.2, 0.2, 0.2, 0.2],
                1.6,
            ),
            [1, 2, 3, 4],
        );
        $finding = BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero())->bores[0]->finding(Criterion::Clearance);
        $this->assertTrue($finding->isCloseCall);
        $this->assertEqualsWithDelta($margin, $finding->margin?->value, 2);
        $settling = Settling::of($finding, []);
        $this->assertTrue($settling->temperatures);
        // The same sum by hand: two sizes of 96.8 mm, one degree known of each, no scatter of the temperatures beyond that.
        $temperature = (96_800_000 * 11e-6) / sqrt(3);
        $each = sqrt(2_540 ** 2 / 12 + (2_540 / 2) ** 2 + 2_540 ** 2 + $temperature ** 2);
        $this->assertLessThan($margin, 2 * sqrt(2) * $each);
        $this->assertGreaterThan(
            $margin,
            2 * sqrt(2) * sqrt($each ** 2 + 8 * $temperature ** 2),
            'with three degrees unknown it is not enough',
        );
    }

    public function test_what_a_gauge_is_worth_is_shown_finer_than_what_it_reads(): void
    {
        $this->assertSame(
            ['0.05 thou', '0.10 thou', '0.47 thou'],
            array_map(static fn (int $nm): string => LengthDisplay::in(LengthUnit::Inch)->fine(Length::ofNanometres($nm)), [
                1_270,
                2_540,
                11_974,
            ]),
        );
        $this->assertSame(
            ['1.3 µm', '2.5 µm'],
            array_map(static fn (int $nm): string => LengthDisplay::in(LengthUnit::Millimetre)->fine(Length::ofNanometres($nm)), [
                1_270,
                2_540,
            ]),
        );
    }

    public function test_where_nothing_settles_it_a_second_person_does(): void
    {
        $settling = Settling::of($this->outOfRound(0.0), ['G-02' => Instrument::ofKind(InstrumentKind::BoreGaugeTenth)]);
        $this->assertTrue($settling->isOpen());
    }

    /** A finding of out-of-round that is so many thou inside its limit. */
    private function outOfRound(float $inside): Finding
    {
        $sheet = Bench::sheet('tarn-4-198');
        $limit = $sheet->bore->service->outOfRound->nanometres / 25_400;
        $bores = array_map(
            static fn (int $cylinder): BoreInspection => Bench::bore($sheet, $cylinder, [$limit - $inside, 0, 0, 0, 0, 0], 1.6),
            [1, 2, 3, 4],
        );

        return BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero())->bores[0]->finding(Criterion::OutOfRound);
    }

    private static function unsized(Station $station, float $thou, Axis $axis = Axis::Thrust, string $setup = 'one'): Reading
    {
        return Reading::unsized(
            BorePlace::bore(1, $station, $axis),
            self::thou($thou),
            Instrument::ofKind(InstrumentKind::BoreGaugeTenth),
            Temperatures::of(11, 11.5, null, null),
            $setup,
        );
    }

    private static function sized(Station $station, float $over, string $setup): Reading
    {
        return Reading::of(
            BorePlace::bore(1, $station, Axis::Thrust),
            [Length::ofNanometres(96_837_500 + (int) round($over * 25_400))],
            Instrument::ofKind(InstrumentKind::BoreGaugeTenth),
            Temperatures::of(11, 11.5, null, null),
            $setup,
        );
    }

    /** @return non-empty-list<Length> */
    private static function thou(float ...$values): array
    {
        return array_map(static fn (float $thou): Length => Length::ofNanometres((int) round($thou * 25_400)), array_values($values));
    }
}
