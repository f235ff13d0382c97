<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\PlaceName;
use App\Words\SubjectName;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\FeatureCodes;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Simulation\BlockDifficulty;
use NorthLedger\Core\Simulation\EngineMaker;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** Every place and every subject has a name of its own, which stands in the language files. */
final class PlaceNameTest extends TestCase
{
    #[DataProvider('names')]
    public function test_places_are_called_as_the_trade_calls_them(string $key, string $name, string $part, string $on): void
    {
        $place = Place::parse($key);
        $this->assertSame([$name, $part, $on], [PlaceName::of($place), PlaceName::part($place), PlaceName::on($place)]);
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function names(): iterable
    {
        $names = [
            'bore.3.top.inline' => ['Cylinder 3', 'top, in line'],
            'bore.3.land.45' => ['Cylinder 3', 'land, 45°'],
            'piston.12' => ['Cylinder 12', 'piston'],
            'ridge.1.bottom' => ['Cylinder 1', 'bottom ridge'],
            'scoring.8' => ['Cylinder 8', 'scoring'],
            'trace.2.middle.135' => ['Cylinder 2', 'middle, 135°'],
            'wall.2.90' => ['Cylinder 2', 'wall at 90°'],
            'main.3.front.90' => ['Main 3', 'front, 90°'],
            'pinscore.2' => ['Rod journal 2', 'depth of the deepest score'],
            'guide.4.ex' => ['Cylinder 4', 'guide bore, exhaust'],
            'deck.1.b5' => ['Deck 1', 'b5'],
            'bigend.6.rear.0' => ['Rod 6', 'big end, rear, 0°'],
            'housing.2.135' => ['Housing 2', '135°'],
            'cambore.3.90' => ['Camshaft bore 3', '90°'],
            'camoffset.2' => ['Camshaft bore 2', 'offset from the line'],
            'snout.1' => ['Crankshaft', 'run-out at the snout'],
        ];
        foreach ($names as $key => [$part, $on]) {
            yield $key => [$key, "{$part}, {$on}", $part, $on];
        }
    }

    public function test_every_feature_says_what_its_number_counts(): void
    {
        foreach (FeatureCodes::all() as $code => $feature) {
            $name = PlaceName::ofFeature($feature);
            $this->assertStringNotContainsString('places.', $name, $code);
            $this->assertSame(lcfirst($name), $name, $code);
        }
    }

    #[DataProvider('families')]
    public function test_no_two_places_of_a_sheet_have_one_name(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (Section::beside() as $section) {
            $names = array_map(
                static fn (object $one): string => PlaceName::of($one->place),
                InspectionPlan::of($section, $sheet)->all(),
            );
            $this->assertSame([], array_diff_key($names, array_unique($names)), $section->value);
        }
    }

    #[DataProvider('families')]
    public function test_every_finding_of_a_worn_engine_names_its_subject_and_its_reason(string $family): void
    {
        $sheet = Bench::sheet($family);
        $engine = (new EngineMaker($sheet, Bench::policy()))->make(BlockDifficulty::Close, 7)->truth();
        foreach (Section::beside() as $section) {
            $subjects = [];
            foreach ($engine->judged($section)->findings as $finding) {
                $this->assertSaid(SubjectName::of($finding->about), $finding);
                $subjects[$finding->about->code][] = SubjectName::of($finding->about);
            }
            foreach ($subjects as $code => $names) {
                $this->assertCount(1, array_unique($names), "{$section->value}, {$code}: one code, one name");
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['brae-v8-311', 'cairn-l4-144', 'fell-6-d', 'quern-3-16', 'sorrel-f4', 'tarn-4-198'] as $family) {
            yield $family => [$family];
        }
    }

    private function assertSaid(string $words, Finding $finding): void
    {
        $this->assertDoesNotMatchRegularExpression('/^places\\.|:[a-z]/', $words, $finding->key());
    }
}
