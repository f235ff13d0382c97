<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\Plausibility;
use NorthLedger\Core\Gauging\CheckBack;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Reading;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class GaugingTest extends TestCase
{
    public function test_place_keys_read_back(): void
    {
        $places = [
            BorePlace::bore(3, Station::Top, Axis::Inline),
            BorePlace::piston(12),
            BorePlace::ridge(1, Station::Bottom),
            BorePlace::look(BoreFeature::Scoring, 8),
        ];
        foreach ($places as $place) {
            $this->assertEquals($place, Place::parse($place->key));
        }
    }

    /** @return iterable<array{string}> */
    public static function noPlaces(): iterable
    {
        foreach (
            [
                '',
                'bore',
                'bore.0.top.thrust',
                'bore.1.top',
                'bore.1.top.sideways',
                'bore.1.top.thrust.x',
                'piston.1.top',
                'ridge.1',
                'ridge.1.middle',
                "bore.1.top.thrust\n",
                'crank.1',
                'bore.01.top.thrust',
            ] as $key
        ) {
            yield [$key];
        }
    }

    #[DataProvider('noPlaces')]
    public function test_what_is_no_place_is_refused(string $key): void
    {
        $this->expectException(GaugingException::class);
        Place::parse($key);
    }

    public function test_repeats_of_a_place_are_one_reading_by_their_mean(): void
    {
        $sizes = array_map(Length::ofNanometres(...), [96_840_000, 96_841_000, 96_843_000]);
        $reading = Reading::of(
            BorePlace::bore(1, Station::Top, Axis::Thrust),
            $sizes,
            Instrument::ofKind(InstrumentKind::BoreGaugeHalfThou),
            Temperatures::of(11, 11.5, null, null),
        );
        $single = Reading::of($reading->place, [$sizes[0]], $reading->instrument, Temperatures::of(11, 11.5, null, null));

        $this->assertSame(96_841_333, $reading->measured->nanometres);
        $this->assertTrue(
            $single->differenceUncertainty($single)->isLargerThan($reading->differenceUncertainty($reading)),
            'three repeats replace the gauge’s own repeatability',
        );
    }

    public function test_a_reading_is_corrected_only_when_both_temperatures_are_known(): void
    {
        $place = BorePlace::bore(1, Station::Top, Axis::Thrust);
        $read = static fn (?float $part, ?float $master): int => Reading::of(
            $place,
            [Length::ofNanometres(100_000_000)],
            Instrument::ofKind(InstrumentKind::BoreGaugeTenth),
            Temperatures::of(11.0, 11.5, $part, $master),
        )->corrected->nanometres;

        $this->assertSame([100_000_000, 100_000_000, 99_984_500], [$read(null, null), $read(32, null), $read(32, 18)]);
    }

    public function test_every_kind_has_its_defaults(): void
    {
        foreach (InstrumentKind::cases() as $kind) {
            $this->assertSame(! $kind->weighs(), Instrument::ofKind($kind)->resolution->isPositive());
        }
        $this->assertFalse(InstrumentKind::OutsideMicrometer->readsBores());
        $this->assertFalse(InstrumentKind::BoreGaugeTenth->showsSizes());
    }

    /** @return iterable<string, array{int, int, bool}> Shown on the master, drift in nanometres, whether it holds */
    public static function checks(): iterable
    {
        yield 'back on its zero' => [96_837_500, 0, true];
        yield 'a whole division high, which cannot be told from none' => [96_840_040, 2_540, true];
        yield 'a division low' => [96_834_960, -2_540, true];
        yield 'more than a division high' => [96_840_041, 2_541, false];
        yield 'more than a division low' => [96_834_959, -2_541, false];
    }

    #[DataProvider('checks')]
    public function test_a_gauge_holds_while_its_drift_is_no_more_than_it_can_tell(int $shows, int $drift, bool $holds): void
    {
        $check = CheckBack::of(
            Length::ofNanometres(96_837_500),
            Length::ofNanometres($shows),
            Instrument::ofKind(InstrumentKind::BoreGaugeTenth)->resolution,
        );

        $this->assertSame([$drift, $holds], [$check->drift->nanometres, $check->holds]);
    }

    public function test_what_cannot_be_right_is_doubted(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $plausibility = new Plausibility(Bench::policy()->boreAllowances($sheet->unit), LengthDisplay::in($sheet->unit));
        $bore = Bench::bore($sheet, 1, [3.1]);
        $at = static fn (float $over): Length => $sheet->bore->nominal->plus(Length::ofNanometres((int) round($over * 25_400)));

        $this->assertNull($plausibility->doubtOfSize($at(150), $sheet->bore->nominal), 'the limit itself is believed');
        $this->assertEquals(
            new Message('sheet.doubt.from_nominal', ['off' => '+150.1', 'unit' => 'thou', 'nominal' => '3.8125 in']),
            $plausibility->doubtOfSize($at(150.1), $sheet->bore->nominal),
        );
        $this->assertSame('sheet.doubt.nothing', $plausibility->doubtOfSize(Length::ofNanometres(-1), $sheet->bore->nominal)?->code);
        $range = InstrumentKind::BoreGaugeTenth->range();
        $this->assertNull($plausibility->doubtOfRange($at(0), $range, 'A dial bore gauge .0001'));
        $this->assertEquals(
            new Message('sheet.doubt.range', ['gauge' => 'A dial bore gauge .0001', 'size' => '1.9685 in']),
            $plausibility->doubtOfRange(Length::ofNanometres(50_000_000), $range, 'A dial bore gauge .0001'),
        );
        $this->assertNull(
            $plausibility->doubtOfRange(Length::ofNanometres(50_800_000), $range, 'A dial bore gauge .0001'),
            'the end of the range is in it',
        );
        $this->assertNull($plausibility->doubtOfRoundness($bore, Station::Top, 'inline', $at(13.1)));
        $this->assertEquals(
            new Message('sheet.doubt.round', ['station' => Station::Top, 'by' => '10.1 thou']),
            $plausibility->doubtOfRoundness($bore, Station::Top, 'inline', $at(13.2)),
        );
        $this->assertNull($plausibility->doubtOfRoundness($bore, Station::Middle, 'inline', $at(13.2)), 'nothing else is read there');
    }
}
