<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Gauging\GaugingException;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is read of an engine: every feature has a measurand and a name, and no two places are called the same. */
final class FeatureTest extends TestCase
{
    public function test_every_folder_of_features_is_found_and_no_two_have_a_code(): void
    {
        $codes = [];
        foreach (glob(dirname(__DIR__, 2).'/core/Features/*/*Feature.php') ?: [] as $file) {
            preg_match_all("/^    case \\w+ = '([^']+)';$/m", (string) file_get_contents($file), $declared);
            $codes = [...$codes, ...$declared[1]];
        }
        $this->assertSame($codes, array_unique($codes));
        $this->assertSame([], array_diff($codes, array_keys(FeatureCodes::all())));
        foreach (FeatureCodes::all() as $code => $feature) {
            $this->assertMatchesRegularExpression('/^[a-z]+$/D', $code);
            $this->assertSame(
                $feature->isGauged(),
                $feature->gauges() !== [] && $feature->measurand() !== Measurand::Mass,
                "{$code}: what is gauged has its gauges",
            );
        }
        $this->expectException(GaugingException::class);
        FeatureCodes::of('no such feature');
    }

    public function test_what_is_measured_is_gauged_or_weighed_or_followed(): void
    {
        foreach (array_values(FeatureCodes::all()) as $feature) {
            $this->assertSame($feature->measurand() !== Measurand::Look, $feature->isMeasured(), $feature->code());
            if ($feature->isGauged()) {
                $this->assertTrue($feature->measurand()->isLength(), "{$feature->code()} belongs to a gauge");
            }
            if ($feature->needsStatedGauge()) {
                $this->assertTrue($feature->isGauged(), "{$feature->code()} asks for its gauge");
            }
        }
        $this->assertSame(
            [
                Measurand::Size,
                Measurand::Look,
                Measurand::Mass,
                Measurand::Roughness,
                Measurand::Volume,
                Measurand::Offset,
                Measurand::Distance,
            ],
            [
                BoreFeature::Bore->measurand(),
                HousingFeature::Imprint->measurand(),
                RodFeature::BigEndMass->measurand(),
                JournalFeature::PinFinish->measurand(),
                VolumeFeature::Chamber->measurand(),
                FaceFeature::DeckPoint->measurand(),
                JournalFeature::RunOut->measurand(),
            ],
        );
        foreach ([BoreFeature::Trace, BoreFeature::Wall, BoreFeature::PitDepth] as $followed) {
            $this->assertFalse($followed->isGauged());
        }
        $this->assertContains('main', FeatureCodes::stated());
        $this->assertNotContains('imprint', FeatureCodes::stated());
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_every_place_of_an_engine_reads_back(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (Section::beside() as $section) {
            foreach (InspectionPlan::of($section, $sheet)->all() as $key => $one) {
                $this->assertSame($key, $one->place->key);
                $this->assertEquals($one->place, Place::parse($key));
            }
        }
    }

    public function test_a_place_of_a_part_is_made_once(): void
    {
        $this->assertSame(Place::at(JournalFeature::Main, 1, 'front.0'), Place::parse('main.1.front.0'));
        $this->assertNotSame(Place::at(JournalFeature::Main, 1, 'front.0'), Place::at(JournalFeature::Main, 1, 'front.90'));
    }

    #[DataProvider('families')]
    public function test_the_walk_of_a_sheet_goes_to_every_place_that_is_needed_once(string $family): void
    {
        foreach (Section::beside() as $section) {
            $plan = InspectionPlan::of($section, Bench::sheet($family));
            $walk = array_map(static fn (Characteristic $one): string => $one->place->key, $plan->walk());
            $this->assertSame($walk, array_values(array_unique($walk)), "{$family}, {$section->value}: a place twice");
            $needed = array_keys(array_filter($plan->all(), static fn (Characteristic $one): bool => $one->isNeeded));
            $this->assertSame([], array_diff($needed, $walk), "{$family}, {$section->value}: a needed place is left out");
        }
    }
}
