<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Words\Labels;
use App\Words\Line;
use App\Words\Messages;
use App\Words\PartName;
use App\Words\SleeveWords;
use App\Words\WashWords;
use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Cracks\CheckCaution;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckProcedure;
use NorthLedger\Core\Features\Cracks\CheckStep;
use NorthLedger\Core\Features\Cracks\Disposition;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\Refusal;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Precheck\CheckItem;
use NorthLedger\Core\Features\Precheck\Checklist;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Features\Receiving\PartsList;
use NorthLedger\Core\Features\Receiving\SleeveFinding;
use NorthLedger\Core\Quantity\PressureUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Core\Bench;
use Tests\TestCase;

/** Every code of washing, pre-check and crack check has its words, and what can hurt is said where it can. */
final class SafetyWordsTest extends TestCase
{
    private const FAMILIES = ['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'];

    public function test_every_wash_has_a_caution_and_a_name_short_enough_for_a_key(): void
    {
        $names = array_map(WashWords::short(...), WashMethod::cases());
        $this->assertSame($names, array_values(array_unique($names)));
        foreach (WashMethod::cases() as $method) {
            $this->assertLessThanOrEqual(14, strlen(WashWords::short($method)));
            $this->assertSentence(WashWords::caution($method));
            $this->assertStringNotContainsString('precheck.', WashWords::name($method));
        }
        $this->assertStringContainsString('no flame', WashWords::caution(WashMethod::SolventTank));
        $this->assertStringContainsString('face shield', WashWords::caution(WashMethod::HotCausticTank));
    }

    public function test_a_wash_that_is_refused_names_another(): void
    {
        foreach (WashMethod::cases() as $method) {
            foreach (Material::cases() as $metal) {
                $refusal = $method->refusalFor($metal);
                $this->assertSame($refusal !== null, str_contains(WashWords::refusal($refusal, $metal), 'Use the'));
            }
        }
    }

    /** @return iterable<string, array{list<CheckStep>}> */
    public static function procedures(): iterable
    {
        $dwell = Dwell::at(20, DwellSchool::Short);
        $test = Bench::sheet('brae-v8-311')->pressureTests[0] ?? self::fail('A V8 is pressure tested.');
        yield 'dye' => [CheckProcedure::dyePenetrant($dwell)];
        yield 'retest' => [CheckProcedure::retest($dwell)];
        yield 'wet particle' => [CheckProcedure::magneticParticle(true)];
        yield 'dry particle' => [CheckProcedure::magneticParticle(false)];
        yield 'pressure' => [CheckProcedure::pressureTest($test, PressureUnit::PoundsPerSquareInch)];
        yield 'sent out' => [CheckProcedure::sentOut(CheckMethod::Ultrasonic)];
    }

    /** @param  list<CheckStep>  $steps */
    #[DataProvider('procedures')]
    public function test_every_step_of_a_check_says_what_is_done(array $steps): void
    {
        foreach ($steps as $step) {
            $this->assertStringNotContainsString('cracks.', Messages::text($step->title()));
            $this->assertSentence(Messages::text($step->instruction()));
            if ($step->kind === StepKind::Magnetise) {
                $this->assertStringContainsString('across', Messages::text($step->instruction()));
            }
        }
    }

    public function test_what_can_hurt_is_said_in_so_many_words(): void
    {
        foreach (CheckCaution::cases() as $caution) {
            $this->assertSentence(Line::ofCode('cracks.caution', $caution));
        }
        $this->assertStringContainsString('pacemaker', Line::ofCode('cracks.caution', CheckCaution::StrongField));
        $this->assertStringContainsString('Never air alone', Line::ofCode('cracks.caution', CheckCaution::Pressure));
        $this->assertStringContainsString('no flame', Line::ofCode('cracks.caution', CheckCaution::Solvent));
    }

    public function test_every_refusal_decision_and_finding_has_its_sentence(): void
    {
        foreach (Refusal::cases() as $refusal) {
            $this->assertSentence(Line::ofCode('cracks.refusal', $refusal));
        }
        foreach (Disposition::cases() as $disposition) {
            $this->assertSentence(Messages::text($disposition->message()));
            $this->assertStringNotContainsString('.', Labels::code($disposition));
        }
        foreach (SleeveFinding::cases() as $finding) {
            $this->assertStringNotContainsString('receive.', SleeveWords::found([$finding]).SleeveWords::worst([$finding]));
        }
    }

    public function test_every_line_of_every_checklist_and_parts_list_has_its_words(): void
    {
        foreach (self::FAMILIES as $family) {
            $sheet = Bench::sheet($family);
            foreach (Checklist::of($sheet)->items as $item) {
                $this->assertDoesNotMatchRegularExpression('/precheck\\.|:[a-z]/', $this->said($item), "{$family} {$item->key}");
                $this->assertSentence(Messages::text($item->reason));
            }
            $names = array_map(PartName::of(...), PartsList::of($sheet));
            $this->assertSame($names, array_unique($names), "{$family}: two kinds of part are called the same");
            foreach ($names as $key => $name) {
                $this->assertDoesNotMatchRegularExpression('/receive\\.|\\|/', $name, "{$family} {$key}");
            }
        }
    }

    private function said(CheckItem $item): string
    {
        return Messages::text($item->title).' '.Messages::text($item->finding()).' '.Line::ofCode('precheck.group', $item->group);
    }

    private function assertSentence(string $said): void
    {
        $this->assertMatchesRegularExpression('/^[A-Z0-9].+[.?]$/u', $said);
        $this->assertDoesNotMatchRegularExpression('/\\b(cracks|precheck|receive)\\.|:[a-z]/', $said);
    }
}
