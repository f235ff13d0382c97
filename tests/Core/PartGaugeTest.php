<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Simulation\PartGauge;
use NorthLedger\Core\Simulation\SoundParts;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a gauge shows of a simulated part, and what a sound part is (PRAC-2). */
final class PartGaugeTest extends TestCase
{
    /** @return iterable<string, array{InstrumentKind}> */
    public static function kinds(): iterable
    {
        foreach (InstrumentKind::cases() as $kind) {
            if (! $kind->weighs()) {
                yield $kind->value => [$kind];
            }
        }
    }

    #[DataProvider('kinds')]
    public function test_it_shows_whole_divisions_and_is_never_off_by_more_than_it_can_be(InstrumentKind $kind): void
    {
        $chance = new Randomizer(new Mt19937(crc32($kind->value)));
        for ($seed = 0; $seed < 60; $seed++) {
            $gauge = new PartGauge($kind, $seed);
            $size = Length::ofNanometres($chance->getInt(1, 90_000_000));
            $shown = $gauge->shows($size, $seed);
            $this->assertSame(0, $shown->nanometres % $gauge->explained()->nanometres);
            $this->assertLessThanOrEqual($gauge->explained()->nanometres, $gauge->most()->nanometres);
            $off = $shown->minus($size)->absolute();
            // Four standard deviations are possible, once in sixteen thousand; a division explains them all.
            $this->assertLessThanOrEqual($gauge->explained()->nanometres, $off->nanometres);
        }
    }

    public function test_one_seed_is_one_course_of_readings_and_a_repeat_is_another_reading(): void
    {
        $gauge = new PartGauge(InstrumentKind::OutsideMicrometer, 11);
        $size = Length::ofNanometres(50_001_234);
        $course = array_map(static fn (int $taken): int => $gauge->shows($size, $taken)->nanometres, range(0, 19));
        $again = new PartGauge(InstrumentKind::OutsideMicrometer, 11);
        $this->assertSame($course, array_map(static fn (int $taken): int => $again->shows($size, $taken)->nanometres, range(0, 19)));
        $this->assertGreaterThan(1, count(array_unique($course)), 'it scatters');
    }

    /** @return iterable<string, array{Section}> */
    public static function sections(): iterable
    {
        foreach (Section::beside() as $section) {
            yield $section->value => [$section];
        }
    }

    #[DataProvider('sections')]
    public function test_a_sound_part_is_what_its_sheet_says_at_every_place_that_is_read(Section $section): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $sound = new SoundParts($sheet);
        foreach (InspectionPlan::of($section, $sheet)->walk() as $one) {
            $value = $sound->value($one);
            $what = $one->place->key;
            match ($one->place->feature->measurand()) {
                Measurand::Size => $this->assertSame($one->nominal?->nanometres, $value, $what),
                Measurand::Look => $this->assertSame($one->place->feature->looks()[0], $value, $what),
                default => $this->assertTrue($value === null || (is_numeric($value) && $value >= 0), $what),
            };
        }
    }

    public function test_what_a_sound_part_has_not_is_not_read(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $sound = new SoundParts($sheet);
        $value = static fn (Section $section, Feature $feature): int|float|string|null => $sound->value(
            array_values(
                array_filter(
                    InspectionPlan::of($section, $sheet)->walk(),
                    static fn (Characteristic $one): bool => $one->place->feature === $feature,
                ),
            )[0],
        );
        $this->assertNull($value(Section::Crankshaft, JournalFeature::MainStrip), 'no strip is laid');
        $this->assertNull($value(Section::Deck, FaceFeature::DeckPitDepth), 'there are no pits');
        $this->assertNull($value(Section::Volumes, VolumeFeature::Crown), 'the crown is the sheet’s');
        $endPlay = $sheet->crankshaft->endPlay;
        $this->assertSame(
            intdiv((int) $endPlay?->least->nanometres + (int) $endPlay?->most->nanometres, 2),
            $value(Section::Crankshaft, JournalFeature::EndPlay),
        );
        $this->assertSame($sheet->volumes->deckClearance?->nanometres, $value(Section::Deck, FaceFeature::PistonToDeck));
    }
}
