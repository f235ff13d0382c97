<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\GaugeTrial;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Gauging\Fitness;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A gauge against the tolerance that it is to tell (GAUGE-9). */
final class FitnessTest extends TestCase
{
    private const FAMILIES = ['brae-v8-311', 'cairn-l4-144', 'fell-6-d', 'quern-3-16', 'sorrel-f4', 'tarn-4-198'];

    /** @return iterable<string, array{float, int, Fitness}> u in nm, tolerance in nm */
    public static function shares(): iterable
    {
        yield 'a quarter' => [1_250.0, 10_000, Fitness::Fit];
        yield 'a little more than a quarter' => [1_250.1, 10_000, Fitness::Limited];
        yield 'a half' => [2_500.0, 10_000, Fitness::Limited];
        yield 'a little more than a half' => [2_500.1, 10_000, Fitness::Unfit];
        yield 'no tolerance at all' => [1.0, 0, Fitness::Unfit];
        yield 'no doubt at all' => [0.0, 10_000, Fitness::Fit];
    }

    #[DataProvider('shares')]
    public function test_its_doubt_is_a_quarter_a_half_or_more(float $standard, int $tolerance, Fitness $fitness): void
    {
        $this->assertSame($fitness, Fitness::of(Uncertainty::ofStandard($standard), Length::ofNanometres($tolerance)));
    }

    public function test_a_telescoping_gauge_cannot_tell_a_small_end_and_a_micrometer_tells_the_width_of_the_thrust(): void
    {
        $fillet = $this->trial(Section::Crankshaft, JournalFeature::MainFillet, InstrumentKind::RadiusGauge);
        $this->assertSame(
            ['fillet', Fitness::Fit, 183],
            [$fillet?->criterion, $fillet?->fitness, (int) round(($fillet?->doubt->expanded()->nanometres ?? 0) / 1_000)],
        );
        $this->assertSame(Fitness::Unfit, $this->trial(Section::Rods, RodFeature::SmallEnd, InstrumentKind::TelescopingGauge)?->fitness);

        $this->assertSame(
            Fitness::Fit,
            $this->trial(Section::Housings, HousingFeature::ThrustWidth, InstrumentKind::OutsideMicrometer)?->fitness,
        );
        $this->assertSame(Fitness::Unfit, $this->trial(Section::Rods, RodFeature::BigEnd, InstrumentKind::BoreGaugeHalfThou)?->fitness);
    }

    public function test_the_bores_are_told_by_a_bore_gauge_and_not_by_a_caliper(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $with = static fn (InstrumentKind $kind, Feature $feature = BoreFeature::Bore): ?Fitness => GaugeTrial::ofBores(
            $sheet,
            $feature,
            Instrument::ofKind($kind),
            Instrument::ofKind(InstrumentKind::OutsideMicrometer),
            self::temperatures(),
        )?->fitness;

        $this->assertSame(Fitness::Fit, $with(InstrumentKind::BoreGaugeTenth));
        $this->assertNotSame(Fitness::Fit, $with(InstrumentKind::DigitalCaliper));
        $this->assertNotSame(Fitness::Fit, $with(InstrumentKind::DigitalCaliper, BoreFeature::Piston));
        $this->assertSame(
            Fitness::Unfit,
            GaugeTrial::ofSize(
                $sheet->bore->nominal,
                Length::ofNanometres(12_700),
                Instrument::ofKind(InstrumentKind::BoreGaugeHalfThou),
                self::temperatures(),
            )->fitness,
        );
    }

    public function test_the_doubt_of_what_a_zero_was_set_with_is_that_of_the_sizes_too(): void
    {
        $gauge = Instrument::ofKind(InstrumentKind::BoreGaugeTenth);
        $byMicrometer = $gauge->setIn(Instrument::ofKind(InstrumentKind::OutsideMicrometer));
        $byCaliper = $gauge->setIn(Instrument::ofKind(InstrumentKind::DigitalCaliper));

        $this->assertSame([3_592, 25_527], [$byMicrometer->calibration->nanometres, $byCaliper->calibration->nanometres]);
        $this->assertEquals(Uncertainty::ofDifference($gauge), Uncertainty::ofDifference($byCaliper), 'in differences the zero cancels');
        $this->assertTrue(
            Uncertainty::ofSize(Length::ofNanometres(96_837_500), $byCaliper, self::temperatures())->isLargerThan(
                Uncertainty::ofSize(Length::ofNanometres(96_837_500), $byMicrometer, self::temperatures()),
            ),
        );
    }

    /** @return iterable<string, array{string, Section}> */
    public static function sections(): iterable
    {
        foreach (self::FAMILIES as $family) {
            foreach (Section::beside() as $section) {
                if ($section->judgesParts()) {
                    yield "{$family}, {$section->value}" => [$family, $section];
                }
            }
        }
    }

    #[DataProvider('sections')]
    public function test_a_finer_gauge_is_never_less_fit(string $family, Section $section): void
    {
        $plan = InspectionPlan::of($section, Bench::sheet($family));
        foreach ($plan->gaugedFeatures() as $feature) {
            $usual = Instrument::ofKind(UsualGauge::of($feature, $plan->nominalOf($feature)));
            $finer = Instrument::of(
                Length::ofNanometres(intdiv($usual->resolution->nanometres, 10)),
                Length::ofNanometres(intdiv($usual->calibration->nanometres, 10)),
                Length::ofNanometres(intdiv($usual->repeatability->nanometres, 10)),
            );
            [$coarse, $fine] = [$this->trialOf($family, $section, $feature, $usual), $this->trialOf($family, $section, $feature, $finer)];
            $this->assertSame($coarse === null, $fine === null, $feature->code());
            if ($coarse !== null && $fine !== null) {
                $rank = static fn (GaugeTrial $trial): int => (int) array_search($trial->fitness, Fitness::cases(), true);
                $this->assertLessThanOrEqual($rank($coarse), $rank($fine), $feature->code());
            }
        }
    }

    private function trial(Section $section, Feature $feature, InstrumentKind $kind): ?GaugeTrial
    {
        return $this->trialOf('brae-v8-311', $section, $feature, Instrument::ofKind($kind));
    }

    private function trialOf(string $family, Section $section, Feature $feature, Instrument $gauge): ?GaugeTrial
    {
        $sheet = Bench::sheet($family);

        return GaugeTrial::ofPart(
            InspectionPlan::of($section, $sheet),
            Bench::judge($section, $sheet),
            $feature,
            $gauge,
            self::temperatures(),
        );
    }

    private static function temperatures(): Temperatures
    {
        return Temperatures::of(11.0, 11.5, 20.0, 20.0);
    }
}
