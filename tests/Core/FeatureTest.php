<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use ReflectionClass;

/** What is read of an engine: every feature has a measurand and a name, and no two places are called the same. */
final class FeatureTest extends TestCase
{
    public function test_the_tables_name_no_feature_that_is_none(): void
    {
        $values = array_column(Feature::cases(), 'value');
        foreach (['MEASURANDS', 'LABELS', 'ASPECTS'] as $table) {
            $this->assertSame([], array_diff(array_keys((array) (new ReflectionClass(Feature::class))->getConstant($table)), $values), $table);
        }
    }

    public function test_what_is_measured_is_gauged_or_weighed_or_followed(): void
    {
        foreach (Feature::cases() as $feature) {
            $this->assertSame($feature->measurand() !== Measurand::Look, $feature->isMeasured(), $feature->value);
            if ($feature->isGauged()) {
                $this->assertTrue($feature->measurand()->isLength(), "{$feature->value} belongs to a gauge");
            }
            if ($feature->needsStatedGauge()) {
                $this->assertTrue($feature->isGauged(), "{$feature->value} asks for its gauge");
            }
        }
        $this->assertSame([Measurand::Size, Measurand::Look, Measurand::Mass, Measurand::Roughness, Measurand::Volume, Measurand::Offset, Measurand::Distance], [
            Feature::Bore->measurand(), Feature::Imprint->measurand(), Feature::BigEndMass->measurand(), Feature::PinFinish->measurand(), Feature::Chamber->measurand(), Feature::DeckPoint->measurand(), Feature::RunOut->measurand(),
        ]);
        foreach ([Feature::Trace, Feature::Wall, Feature::PitDepth] as $followed) {
            $this->assertFalse($followed->isGauged());
        }
        $this->assertContains('main', Feature::gauged());
        $this->assertNotContains('imprint', Feature::gauged());
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_every_place_of_an_engine_reads_back_and_is_called_as_no_other(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (Section::cases() as $section) {
            $names = [];
            foreach (InspectionPlan::of($section, $sheet)->all() as $key => $one) {
                $this->assertSame($key, $one->place->key());
                $this->assertEquals($one->place, Place::parse($key));
                $names[$key] = $one->place->words();
            }
            $this->assertSame([], array_diff_key($names, array_unique($names)), "{$family}, {$section->value}: two places of one name");
        }
    }

    public function test_a_place_of_a_part_is_made_once(): void
    {
        $this->assertSame(Place::at(Feature::Main, 1, 'front.0'), Place::parse('main.1.front.0'));
        $this->assertNotSame(Place::at(Feature::Main, 1, 'front.0'), Place::at(Feature::Main, 1, 'front.90'));
    }

    #[DataProvider('families')]
    public function test_the_walk_of_a_sheet_goes_to_every_place_that_is_needed_once(string $family): void
    {
        foreach (Section::cases() as $section) {
            $plan = InspectionPlan::of($section, Bench::sheet($family));
            $walk = array_map(static fn (Characteristic $one): string => $one->place->key(), $plan->walk());
            $this->assertSame($walk, array_values(array_unique($walk)), "{$family}, {$section->value}: a place twice");
            $needed = array_keys(array_filter($plan->all(), static fn (Characteristic $one): bool => $one->isNeeded));
            $this->assertSame([], array_diff($needed, $walk), "{$family}, {$section->value}: a needed place is left out");
        }
    }
}
