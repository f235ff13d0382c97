<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\SheetGauges;
use App\Storage\SheetName;
use App\Storage\StatedCheck;
use App\Storage\StatedSetup;
use App\Storage\StatedZero;
use App\Words\GaugesUsed;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\ReadingUnit;
use PHPUnit\Framework\TestCase;

/**
 * A setup, its checks and its zero are read from plain rows, of the table or of an exported job, and mean the same (GAUGE-1 to GAUGE-4).
 */
final class StatedSetupTest extends TestCase
{
    public function test_a_row_means_what_was_stated(): void
    {
        $setup = $this->stated();
        $this->assertSame(
            [SheetName::bores(), BoreFeature::Bore, InstrumentKind::from('dial bore gauge .0001'), ReadingUnit::Thou],
            [$setup->sheet, $setup->feature, $setup->instrument, $setup->readingUnit],
        );
        $this->assertSame(96_837_500, $setup->knownZero?->nanometres);
        $this->assertTrue($setup->conditions->capsTorqued);
        $this->assertFalse($setup->conditions->torquePlate);
        $this->assertSame([20.5, null], [$setup->conditions->partCelsius, $setup->conditions->masterCelsius]);
        $this->assertSame('2026-11-25 08:30:00.250', $setup->statedAt->format('Y-m-d H:i:s.v'));
        $this->assertSame('G-02 dial bore gauge .0001', GaugesUsed::gauge($setup));
        $this->assertSame('G-02', GaugesUsed::nameOrKind($setup));
        $this->assertFalse($setup->isZeroedOnThePart());
    }

    public function test_a_gauge_of_the_register_keeps_what_it_was_worth_and_one_of_a_kind_has_its_book_values(): void
    {
        $known = $this->stated(['resolution_nm' => 2_540, 'calibration_nm' => 1_000, 'repeatability_nm' => 1_500]);
        $this->assertSame(
            [2_540, 1_000, 1_500],
            [$known->gauge->resolution->nanometres, $known->gauge->calibration->nanometres, $known->gauge->repeatability->nanometres],
        );
        $kind = $this->stated(['gauge_tag' => null]);
        $this->assertEquals(Instrument::ofKind($kind->instrument), $kind->gauge);
        $this->assertEquals($kind->instrument->range(), $kind->range);
        $this->assertSame(['dial bore gauge .0001', 'A dial bore gauge .0001'], [GaugesUsed::gauge($kind), GaugesUsed::nameOrKind($kind)]);
        $ranged = $this->stated(['range_least_nm' => 50_000_000, 'range_most_nm' => 160_000_000]);
        $this->assertNotEquals($ranged->instrument->range(), $ranged->range);
    }

    public function test_a_calibration_is_missed_where_it_was_past_when_the_gauge_was_stated_and_not_when_it_runs_out_later(): void
    {
        $this->assertNull($this->stated()->calibrationMissed());
        $this->assertNull($this->stated(['calibration_due' => '2026-11-25'])->calibrationMissed(), 'due that day is not past yet');
        $this->assertNull($this->stated(['calibration_due' => '2026-11-30'])->calibrationMissed());
        $this->assertSame(
            '24 Nov 2026',
            $this->stated(['calibration_due' => '2026-11-24'])
                ->calibrationMissed()
                ?->format('j M Y'),
        );
    }

    public function test_what_is_keyed_is_read_as_the_gauge_shows_it(): void
    {
        $this->assertSame(25_400, $this->stated()->notation(LengthUnit::Inch)->read('1.0')->value->nanometres, 'a deviation in thou');
        $micrometer = $this->stated(['instrument' => 'inside micrometer', 'reading_unit' => null, 'zero_nm' => null]);
        $this->assertSame(96_837_500, $micrometer->notation(LengthUnit::Inch)->read('3.8125')->value->nanometres, 'a size in inches');
        $this->assertNull($micrometer->knownZero);
    }

    public function test_the_newest_setup_of_a_feature_is_in_force_and_a_zero_on_the_part_waits_for_its_size(): void
    {
        $setups = [
            $this->stated(['id' => 3]),
            $this->stated(['id' => 5, 'zero_nm' => null, 'zero_place' => 'bore.1.top.thrust']),
            $this->stated(['id' => 6, 'feature' => 'piston']),
        ];
        $gauges = SheetGauges::of($setups, [], []);
        $current = $gauges->current(BoreFeature::Bore) ?? $this->fail('A gauge is stated.');
        $this->assertSame([5, 6, 6], [$current->id, $gauges->current(BoreFeature::Piston)?->id, $gauges->lastSetupId()]);
        $this->assertNull($gauges->zero($current));
        $this->assertTrue($current->isZeroedOnThePart());

        $sized = SheetGauges::of($setups, [], [$this->zero(1, 96_800_000), $this->zero(2, 96_850_000)]);
        $this->assertSame(96_850_000, $sized->zero($current)?->nanometres, 'the newest size counts');
        $this->assertFalse($sized->haveTheZerosOf($gauges));
        $this->assertTrue($sized->haveTheZerosOf(SheetGauges::of($setups, [], [$this->zero(2, 96_850_000)])));
        $this->assertGreaterThan(
            $gauges->instrument($current)->calibration->nanometres + $gauges->instrument($current)->repeatability->nanometres,
            $sized->instrument($current)->calibration->nanometres + $sized->instrument($current)->repeatability->nanometres,
            'the size of the zero adds its own doubt',
        );
        $this->assertNull(SheetGauges::none()->current(BoreFeature::Bore));
        $this->assertSame(0, SheetGauges::none()->lastSetupId());
    }

    public function test_the_last_check_decides_whether_a_gauge_has_drifted(): void
    {
        $setup = $this->stated(['id' => 3]);
        $check = fn (int $id, int $shows): StatedCheck => StatedCheck::ofRow(
            (object) [
                'id' => $id,
                'setup_id' => 3,
                'sheet' => 'bores',
                'master_nm' => 96_837_500,
                'shows_nm' => $shows,
                'last_reading_id' => 40 + $id,
                'created_at' => '2026-11-25 09:00:00.000',
            ],
        );
        $this->assertNull(SheetGauges::of([$setup], [], [])->lastCheck($setup));
        $this->assertFalse(SheetGauges::of([$setup], [], [])->hasDrifted($setup));
        $drifted = SheetGauges::of([$setup], [$check(1, 96_837_500), $check(2, 96_850_200)], []);
        $this->assertTrue($drifted->hasDrifted($setup));
        $this->assertSame(42, $drifted->lastCheck($setup)?->lastReadingId);
        $this->assertFalse(
            SheetGauges::of([$setup], [$check(1, 96_850_200), $check(2, 96_837_500)], [])->hasDrifted($setup),
            'set anew and checked again',
        );
        $this->assertSame('09:00', $check(1, 96_837_500)->doneAt->format('H:i'));
    }

    /** @param  array<string, mixed>  $changes */
    private function stated(array $changes = []): StatedSetup
    {
        return StatedSetup::ofRow(
            (object) ($changes + [
                'id' => 1,
                'ulid' => '01J0000000000000000000000A',
                'sheet' => 'bores',
                'feature' => 'bore',
                'instrument' => 'dial bore gauge .0001',
                'reading_unit' => 'thou',
                'zero_nm' => 96_837_500,
                'caps_torqued' => 1,
                'torque_plate' => 0,
                'cooled' => 1,
                'clean' => 1,
                'part_celsius' => '20.5',
                'master_celsius' => null,
                'created_at' => '2026-11-25 08:30:00.250',
                'gauge_tag' => 'G-02',
                'master_tag' => null,
                'resolution_nm' => null,
                'calibration_nm' => null,
                'repeatability_nm' => null,
                'range_least_nm' => null,
                'range_most_nm' => null,
                'calibration_due' => null,
                'zero_place' => null,
            ]),
        );
    }

    private function zero(int $id, int $size): StatedZero
    {
        return StatedZero::ofRow(
            (object) [
                'id' => $id,
                'setup_id' => 5,
                'sheet' => 'bores',
                'size_nm' => $size,
                'resolution_nm' => 2_540,
                'calibration_nm' => 1_000,
                'repeatability_nm' => 1_500,
            ],
        );
    }
}
