<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Storage\Gauge;
use App\Storage\Job;
use App\Storage\Reading;
use App\Storage\User;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

/** A scale is a gauge of the register, with its own resolution (GAUGE-1, ROD-3). */
final class ScaleTest extends TestCase
{
    private User $owner;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = $this->person(Role::Owner);
        $this->job = $this->job($this->owner);
        $this->actingAs($this->owner);
    }

    public function test_it_is_registered_in_grams_calibrated_and_checked_under_a_weight(): void
    {
        $this->register('S-02', 'scale 0.1 g', ['resolution' => '0.2', 'most' => '5000'])->assertSessionDoesntHaveErrors();
        $this->register('S-03', 'scale 0.1 g', ['resolution' => '.0001'])->assertSessionHasErrors('resolution');

        $this->get('/gauges')->assertOk()->assertSee('0.2 g')->assertSee('to 5000.0 g');
        $this->post('/gauges/S-02/calibrations', [
            'ulid' => $this->ulid(),
            'done_on' => now()->format('Y-m-d'),
            'due_on' => now()->addYear()->format('Y-m-d'),
            'by_whom' => 'the weights’ house',
            'calibration' => '0.3',
        ])->assertSessionDoesntHaveErrors();
        $this->assertSame(300_000, Gauge::query()->where('tag', 'S-02')->firstOrFail()->scale()?->calibration->micrograms);
        $this->post('/gauges/S-02/checks', ['ulid' => $this->ulid(), 'master' => '500', 'shows' => '500.2'])->assertSessionHas(
            'note',
            'It holds.',
        );
        $this->state('S-02')->assertOk();
        $this->travel(2)->minutes();
        $this->post('/gauges/S-02/checks', ['ulid' => $this->ulid(), 'master' => '500', 'shows' => '500.6']);
        $this->get('/gauges/S-02')
            ->assertOk()
            ->assertSee('did not hold under its check weight, off by 0.6 g')
            ->assertSee('±0.3 g')
            ->assertSee($this->job->tag())
            ->assertSee('open: weigh it again')
            ->assertDontSee('key b')
            ->assertDontSee('Study of repeats');
        $this->sendTo($this->job, 'sheets/rods/checks', ['feature' => 'weight', 'shows' => '0', 'master' => '1'])
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'A scale is checked under a check weight, on its own page of the register.');
        $this->post('/gauges/S-02/studies', ['ulid' => $this->ulid(), 'repeats' => '1'])->assertNotFound();
        $this->post('/gauges/S-02/tokens', ['ulid' => $this->ulid()])->assertNotFound();
    }

    public function test_a_weight_that_the_scale_cannot_show_or_carry_is_asked_back(): void
    {
        $this->get("/jobs/{$this->job->tag()}/measure/rods")
            ->assertOk()
            ->assertSee('whatever is weighed')
            ->assertSee('any scale 0.01 g');
        $this->register('S-02', 'scale 0.1 g', ['most' => '2000'])->assertSessionDoesntHaveErrors();
        $this->state('S-02')->assertOk();
        $this->weigh(1, '612.43')
            ->assertUnprocessable()
            ->assertJsonPath(
                'question.text',
                'S-02 shows steps of 0.1 g: 612.43 g cannot stand on it. Read it again, or state the scale that you weigh on.',
            );
        $this->weigh(1, '2612.4')
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'S-02 carries 2000.0 g. Is it the weight in grams?');
        $this->weigh(1, '612.4')->assertOk();
        $this->assertNotNull(Reading::query()->latest('id')->firstOrFail()->setup_id);
        $this->state('scale 0.01 g')->assertOk();
        $this->weigh(2, '612.43')->assertOk();
        $this->get("/jobs/{$this->job->tag()}/measure/rods")
            ->assertSee('weights')
            ->assertSee('scale 0.01 g');
    }

    public function test_a_gauge_for_lengths_weighs_nothing_and_a_scale_reads_no_length(): void
    {
        $this->state('outside micrometer')->assertUnprocessable();
        $this->state('scale 0.1 g', 'bigend')->assertUnprocessable();
    }

    public function test_the_doubt_of_a_spread_is_that_of_the_scale_it_was_weighed_on(): void
    {
        foreach ([1, 2, 3, 4] as $rod) {
            $this->weigh($rod, (string) (600 + 9 * $rod))->assertOk();
        }
        $this->assertNull($this->spread()->uncertainty, 'no scale was stated');
        $this->state('scale 0.1 g');
        foreach ([1, 2, 3, 4] as $rod) {
            $this->weigh($rod, (string) (600 + 9 * $rod), ['reason' => 'misread'])->assertOk();
        }
        $spread = $this->spread();
        $this->assertSame(Outcome::Fail, $spread->outcome);
        $this->assertEqualsWithDelta(sqrt(2 * (100_000 ** 2 / 12 + 50_000 ** 2)), $spread->uncertainty?->standard, 1);
        $this->get("/jobs/{$this->job->tag()}/measure/rods")->assertSee('gauge uncertainty ±0.16');
    }

    /** @param  array<string, string>  $says */
    private function register(string $tag, string $kind, array $says = []): TestResponse
    {
        return $this->post('/gauges', $says + ['ulid' => $this->ulid(), 'tag' => $tag, 'name' => 'scale', 'kind' => $kind, 'unit' => 'in']);
    }

    private function state(string $scale, string $feature = 'weight'): TestResponse
    {
        return $this->sendTo($this->job, 'sheets/rods/setups', ['feature' => $feature, 'instrument' => $scale]);
    }

    /** @param  array<string, mixed>  $says */
    private function weigh(int $rod, string $grams, array $says = []): TestResponse
    {
        return $this->key($this->job, "rodmass.{$rod}", $grams, 'rods', $says);
    }

    private function spread(): Finding
    {
        $findings = $this->app->make(JobFiles::class)->open($this->job->refresh())->inspection()->judged(Section::Rods)->findings;

        return array_values(
            array_filter($findings, static fn (Finding $finding): bool => $finding->criterion === Criterion::WeightSpread),
        )[0];
    }
}
