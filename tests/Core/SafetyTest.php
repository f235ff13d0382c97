<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Policy\DwellSchool;
use NorthLedger\Core\Engine\Specification\Material;
use NorthLedger\Core\Features\Cracks\CheckCaution;
use NorthLedger\Core\Features\Cracks\CheckMethod;
use NorthLedger\Core\Features\Cracks\CheckProcedure;
use NorthLedger\Core\Features\Cracks\CheckStep;
use NorthLedger\Core\Features\Cracks\Dwell;
use NorthLedger\Core\Features\Cracks\StepKind;
use NorthLedger\Core\Features\Precheck\WashMethod;
use NorthLedger\Core\Quantity\PressureUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Where the work can hurt the part or the hand, it is said before it is done. */
final class SafetyTest extends TestCase
{
    /** @return iterable<string, array{WashMethod, Material, bool}> */
    public static function washes(): iterable
    {
        foreach (WashMethod::cases() as $method) {
            foreach (Material::cases() as $material) {
                $isLight = in_array($material, [Material::Aluminium, Material::Magnesium], true);
                $hurts =
                    ($method === WashMethod::HotCausticTank && $isLight) ||
                    ($method === WashMethod::GritBlast && $material === Material::Magnesium);
                yield "{$method->value}, {$material->value}" => [$method, $material, $hurts];
            }
        }
    }

    #[DataProvider('washes')]
    public function test_a_wash_that_hurts_the_metal_is_refused(WashMethod $method, Material $material, bool $hurts): void
    {
        $this->assertSame($hurts, $method->refusalFor($material) !== null);
    }

    public function test_every_metal_can_be_washed_somehow(): void
    {
        foreach (Material::cases() as $material) {
            $this->assertNotSame(
                [],
                array_filter(WashMethod::cases(), static fn (WashMethod $method): bool => $method->refusalFor($material) === null),
                $material->value,
            );
        }
    }

    /** @return iterable<string, array{list<CheckStep>}> */
    public static function procedures(): iterable
    {
        $test = Bench::sheet('brae-v8-311')->pressureTests[0] ?? self::fail('A V8 is pressure tested.');
        yield 'wet particle' => [CheckProcedure::magneticParticle(true)];
        yield 'dry particle' => [CheckProcedure::magneticParticle(false)];
        yield 'retest' => [CheckProcedure::retest(Dwell::at(20, DwellSchool::Short))];
        yield 'pressure' => [CheckProcedure::pressureTest($test, PressureUnit::PoundsPerSquareInch)];
    }

    /** @param  list<CheckStep>  $steps */
    #[DataProvider('procedures')]
    public function test_a_procedure_reads_after_it_has_prepared_and_no_step_comes_twice(array $steps): void
    {
        $kinds = array_map(static fn (CheckStep $step): string => $step->kind->value, $steps);
        $this->assertSame($kinds, array_values(array_unique($kinds)));
        $reads = array_search(StepKind::Read->value, $kinds, true);
        $this->assertIsInt($reads);
        $this->assertGreaterThan(0, $reads, 'something is done before it is read');
    }

    public function test_a_strong_field_pressure_and_solvents_are_warned_of(): void
    {
        $cautions = static fn (array $steps): array => array_values(array_filter(array_column($steps, 'caution')));
        $test = Bench::sheet('brae-v8-311')->pressureTests[0];
        $this->assertSame([CheckCaution::StrongField], $cautions(CheckProcedure::magneticParticle(true)));
        $this->assertSame(
            [CheckCaution::Pressure, CheckCaution::Guard],
            $cautions(CheckProcedure::pressureTest($test, PressureUnit::PoundsPerSquareInch)),
        );
        foreach ([CheckProcedure::retest(...), CheckProcedure::dyePenetrant(...)] as $withSolvent) {
            $this->assertContains(CheckCaution::Solvent, $cautions($withSolvent(Dwell::at(20, DwellSchool::Short))));
        }
    }

    public function test_no_crack_check_is_offered_that_cannot_work_on_the_metal(): void
    {
        foreach (CheckMethod::cases() as $method) {
            foreach (Material::cases() as $material) {
                $takesField = $material === Material::GreyIron || $material === Material::Steel;
                $this->assertSame(
                    $method->isMagnetic() && ! $takesField,
                    $method->refusalFor($material) !== null,
                    "{$method->value} on {$material->value}",
                );
            }
        }
        $this->assertNotNull(CheckMethod::DyePenetrant->refusalFor(Material::GreyIron, openToSurface: false));
        $this->assertNotNull(CheckMethod::PressureTest->refusalFor(Material::GreyIron, hasPassages: false));
    }

    public function test_particles_are_put_on_while_the_field_is_on_and_a_crankshaft_is_left_without_one(): void
    {
        foreach ([true, false] as $isWet) {
            $steps = CheckProcedure::magneticParticle($isWet);
            $kinds = array_map(static fn (CheckStep $step): StepKind => $step->kind, $steps);
            $this->assertContains(StepKind::Demagnetise, $kinds);
            $this->assertContains(StepKind::Magnetise, $kinds);
        }
        $this->assertNotEquals(
            CheckProcedure::magneticParticle(true)[1]->instruction(),
            CheckProcedure::magneticParticle(false)[1]->instruction(),
            'a bath and dust are put on in different ways',
        );
    }
}
