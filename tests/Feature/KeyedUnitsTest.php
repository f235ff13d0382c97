<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Observation;
use App\Storage\PolicyBook;
use App\Storage\Setup;
use Illuminate\Support\Arr;
use Tests\TestCase;

/** Temperatures and pressures are kept in one unit, whatever a form was shown in; the form says it itself. */
final class KeyedUnitsTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_a_shop_in_fahrenheit_keys_and_reads_fahrenheit(): void
    {
        $policies = $this->app->make(PolicyBook::class);
        $document = Arr::except($policies->document(0), ['revision']);
        $policies->add(['temperature_unit' => 'F'] + $document, $this->inspector->id);

        $this->get("/jobs/{$this->job->tag()}/measure")
            ->assertOk()
            ->assertSee('Part, °F')
            ->assertSee('name="temperature_unit" value="F"', false);
        $this->get("/jobs/{$this->job->tag()}/cracks")
            ->assertOk()
            ->assertSee('Part, °F')
            ->assertSee('value="68"', false)
            ->assertSee('doubled from 41 to 50 °F');
        $answer = $this->stateSetup(
            $this->job,
            changes: ['temperature_unit' => 'F', 'part_temperature' => '68', 'master_temperature' => '77'],
        )->assertOk();
        $setup = Setup::query()->orderByDesc('id')->firstOrFail();
        $this->assertEqualsWithDelta(20.0, $setup->part_celsius, 0.01);
        $this->assertEqualsWithDelta(25.0, $setup->master_celsius, 0.01);
        $this->assertStringContainsString('part 68 °F', $answer->json('fragments.setup'));
        $this->stateSetup($this->job, changes: ['temperature_unit' => 'F', 'part_temperature' => '300'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['part_temperature' => 'in °F, like 64.4']);
    }

    public function test_a_form_from_before_the_change_is_still_read_as_it_was_shown(): void
    {
        $this->stateSetup($this->job, changes: ['temperature_unit' => 'C', 'part_temperature' => '21.5'])->assertOk();
        $this->assertEqualsWithDelta(21.5, Setup::query()->orderByDesc('id')->firstOrFail()->part_celsius, 0.01);
        $this->stateSetup($this->job, changes: ['temperature_unit' => 'K', 'part_temperature' => '294'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('temperature_unit');
    }

    public function test_a_pressure_is_kept_in_kilopascals(): void
    {
        $run = $this->ulid();
        $this->sendTo($this->job, 'cracks/checks', [
            'ulid' => $run,
            'part' => 'block',
            'method' => 'pressure test',
            'surface' => 'machined',
        ])->assertOk();
        foreach (['blank off', 'pressurise'] as $step) {
            $this->sendTo($this->job, 'cracks/steps', ['run' => $run, 'step' => $step])->assertOk();
        }
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertSee('psi at first');
        $this->sendTo($this->job, 'cracks/steps', [
            'run' => $run,
            'step' => 'read',
            'pressure_unit' => 'psi',
            'begin' => '20',
            'end' => 'a bit less',
        ])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['end' => 'The pressure in psi, like 20.3']);
        $this->sendTo($this->job, 'cracks/steps', [
            'run' => $run,
            'step' => 'read',
            'pressure_unit' => 'psi',
            'begin' => '20',
            'end' => '20',
        ])->assertOk();
        $said = Observation::query()->where('kind', 'crack step')->orderByDesc('id')->firstOrFail();
        $this->assertEqualsWithDelta(137.895, $said->said['begin_kpa'] ?? 0, 0.001);
    }

    public function test_a_zero_carries_what_it_was_set_with(): void
    {
        foreach (
            ['outside micrometer' => 'set with an outside micrometer', 'digital caliper' => 'set with a digital caliper'] as $with => $said
        ) {
            $answer = $this->stateSetup($this->job, changes: ['zero_with' => $with])->assertOk();
            $this->assertStringContainsString("3.8125, {$said}", $answer->json('fragments.setup'));
        }
        $this->stateSetup($this->job, changes: ['zero_with' => 'tape measure'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('zero_with');
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $table = $this->get("/jobs/{$this->job->tag()}/readings.json")->json();
        $this->assertSame(96_916_240, $table['readings'][0]['value_nm']);
        $this->assertSame(
            ['machinist', 403],
            [
                Role::Machinist->value,
                $this->actingAs($this->person(Role::Machinist))
                    ->postJson("/jobs/{$this->job->tag()}/sheets/bores/setups", [
                        'ulid' => $this->ulid(),
                        'zero_with' => 'digital caliper',
                    ])
                    ->status(),
            ],
        );
    }
}
