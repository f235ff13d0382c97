<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Gauge;
use App\Storage\GaugeEvent;
use App\Storage\Setup;
use App\Storage\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** The register: what a gauge is worth, when it is due, and that a setup keeps what was stated. */
final class GaugeRegisterTest extends TestCase
{
    private User $inspector;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->actingAs($this->inspector);
    }

    public function test_a_gauge_is_registered_with_its_own_values_or_its_kinds(): void
    {
        $this->gauge(['resolution' => '.00005', 'least' => '2', 'most' => '6 in'])->assertRedirect('/gauges/G-07');
        $gauge = Gauge::query()->firstOrFail();
        $this->assertSame(
            [1_270, 2_540, 2_540, 50_800_000, 152_400_000],
            [$gauge->resolution_nm, $gauge->calibration_nm, $gauge->repeatability_nm, $gauge->range_least_nm, $gauge->range_most_nm],
        );
        $this->get('/gauges')->assertOk()->assertSee('G-07')->assertSee('0.05 thou');
        foreach (
            [
                ['tag' => ''],
                ['tag' => 'g-07'],
                ['tag' => 'G 8'],
                ['tag' => 'G-08', 'resolution' => '0'],
                ['tag' => 'G-08', 'resolution' => 'fine'],
                ['tag' => 'G-08', 'least' => '6', 'most' => '2'],
                ['tag' => 'G-08', 'name' => ''],
            ] as $wrong
        ) {
            $this->gauge($wrong)->assertSessionHasErrors();
        }
        $this->assertSame(1, Gauge::query()->count());
    }

    public function test_sent_twice_it_is_registered_and_studied_once(): void
    {
        $ulid = $this->ulid();
        $this->gauge(['ulid' => $ulid])->assertRedirect('/gauges/G-07');
        $study = [
            'ulid' => $this->ulid(),
            'repeats' => implode("\n", ['1.2', '1.1', '1.3', '1.2', '1.2', '1.1', '1.2', '1.3', '1.2', '1.1']),
        ];
        $this->post('/gauges/G-07/studies', $study)->assertSessionDoesntHaveErrors();
        $this->post('/gauges/G-07/studies', $study)->assertSessionDoesntHaveErrors();
        $this->assertSame(2, GaugeEvent::query()->count());
    }

    public function test_a_study_of_ten_repeats_becomes_the_repeatability(): void
    {
        $this->gauge();
        $this->post('/gauges/G-07/studies', ['ulid' => $this->ulid(), 'repeats' => "1.2\n1.1"])->assertSessionHasErrors([
            'repeats' => 'A study takes at least 10 readings of one place; there are 2.',
        ]);
        $this->post('/gauges/G-07/studies', ['ulid' => $this->ulid(), 'repeats' => "1.2\nloose\n1.1"])->assertSessionHasErrors('repeats');
        // 0, 2 and eight times 1: the deviations from the mean of 1 are −1, +1 and 0, so s² = 2/9.
        $this->post('/gauges/G-07/studies', [
            'ulid' => $this->ulid(),
            'repeats' => "0\n2".str_repeat("\n1", 8),
        ])->assertSessionDoesntHaveErrors();
        $this->assertSame((int) round(25_400 * sqrt(2 / 9)), Gauge::query()->firstOrFail()->repeatability_nm);
        $this->get('/gauges/G-07')->assertSee('0.47 thou')->assertSee('studied with 10 readings');
    }

    public function test_calibration_moves_the_due_date_and_keeps_its_certificate(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        $this->gauge(['due_on' => '2030-05-01']);
        $this->get('/gauges')->assertSee('was due 1 May 2030');
        $this->get('/')->assertSee('1 gauge is past its calibration');
        $said = ['done_on' => '2030-05-04', 'due_on' => '2031-05-04', 'by_whom' => 'the valley’s laboratory', 'calibration' => '.00005'];
        $this->post('/gauges/G-07/calibrations', ['ulid' => $this->ulid(), 'due_on' => '2030-05-01'] + $said)->assertSessionHasErrors(
            'due_on',
        );
        $this->post('/gauges/G-07/calibrations', ['ulid' => $this->ulid(), 'done_on' => '2030-06-01'] + $said)->assertSessionHasErrors(
            'done_on',
        );
        $this->post(
            '/gauges/G-07/calibrations',
            ['ulid' => $this->ulid(), 'certificate' => UploadedFile::fake()->createWithContent('c.pdf', '<html>no certificate</html>')] +
                $said,
        )->assertSessionHasErrors('certificate');
        $this->post(
            '/gauges/G-07/calibrations',
            ['ulid' => $this->ulid(), 'certificate' => UploadedFile::fake()->createWithContent('c.pdf', "%PDF-1.4\n% a certificate")] +
                $said,
        )->assertSessionDoesntHaveErrors();
        $gauge = Gauge::query()->firstOrFail();
        $this->assertSame(['2031-05-04', 1_270], [$gauge->calibration_due?->format('Y-m-d'), $gauge->calibration_nm]);
        $event = GaugeEvent::query()->where('kind', 'calibrated')->firstOrFail();
        $kept = $this->get("/gauges/G-07/certificates/{$event->ulid}")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf');
        $this->assertStringContainsString('attachment', (string) $kept->headers->get('Content-Disposition'));
        $this->get('/gauges/G-07/certificates/'.$this->ulid())->assertNotFound();
        $this->get('/')->assertDontSee('past its calibration');
        Carbon::setTestNow();
    }

    public function test_a_setup_keeps_what_its_gauge_was_worth(): void
    {
        $this->gauge(['due_on' => '2026-01-01', 'least' => '3', 'most' => '3.82']);
        $job = $this->job($this->inspector);
        $this->stateSetup($job, changes: ['instrument' => 'G-07'])->assertOk();
        $answer = $this->key($job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->assertStringContainsString('G-07 dial bore gauge .0001', $answer->json('fragments.setup'));
        $this->assertStringContainsString('its calibration was due 1 Jan 2026', $answer->json('fragments.setup'), 'taken, and marked');
        $this->key($job, 'bore.2.top.thrust', '9.0')
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'G-07 does not reach 3.8215 in.');
        $this->post('/gauges/G-07/studies', ['ulid' => $this->ulid(), 'repeats' => "0\n2".str_repeat("\n1", 8)]);
        $this->assertSame(
            2_540,
            Setup::query()->firstOrFail()->stated()->gauge->repeatability->nanometres,
            'a later study changes no verdict',
        );
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_zero_stands_on_a_master_of_the_register(): void
    {
        $this->post('/masters', [
            'ulid' => $this->ulid(),
            'tag' => 'M-01',
            'name' => 'ring',
            'unit' => 'in',
            'size' => '3.8130',
        ])->assertSessionDoesntHaveErrors();
        $this->post('/masters', [
            'ulid' => $this->ulid(),
            'tag' => 'M-02',
            'name' => 'ring',
            'unit' => 'in',
            'size' => '-3',
        ])->assertSessionHasErrors('size');
        $job = $this->job($this->inspector);
        $answer = $this->stateSetup($job, changes: ['master' => 'M-01', 'zero' => ''])->assertOk();
        $this->assertStringContainsString('3.8130 on M-01', $answer->json('fragments.setup'));
        $this->stateSetup($job, changes: ['master' => 'M-09'])->assertUnprocessable();
    }

    public function test_a_gauge_out_of_use_is_not_offered_and_what_it_read_stays(): void
    {
        $this->gauge();
        $job = $this->job($this->inspector);
        $this->stateSetup($job, changes: ['instrument' => 'G-07'])->assertOk();
        $this->key($job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->post('/gauges/G-07/retirement', ['ulid' => $this->ulid(), 'reason' => ''])->assertSessionHasErrors('reason');
        $this->post('/gauges/G-07/retirement', ['ulid' => $this->ulid(), 'reason' => 'dropped'])->assertRedirect('/gauges');
        $this->stateSetup($job, changes: ['instrument' => 'G-07'])->assertUnprocessable();
        $this->get("/jobs/{$job->tag()}/measure")
            ->assertOk()
            ->assertSee('G-07 dial bore gauge .0001');
        $this->get('/gauges')->assertDontSee('G-07');
        $this->get('/gauges?show=retired')->assertSee('G-07');
    }

    public function test_a_gauge_that_does_not_hold_recalls_what_was_read_with_it_released_jobs_too(): void
    {
        Carbon::setTestNow('2030-05-01 10:00:00');
        $this->gauge();
        $before = $this->job($this->inspector);
        $this->stateSetup($before, changes: ['instrument' => 'G-07'])->assertOk();
        Carbon::setTestNow('2030-05-02 10:00:00');
        $this->check('0.1')->assertSessionHas('note', 'It holds.');
        $this->get('/gauges/G-07')->assertDontSee('To be read again');
        Carbon::setTestNow('2030-05-03 10:00:00');
        $open = $this->job($this->inspector);
        $released = $this->job($this->inspector);
        foreach ([$open, $released] as $job) {
            $this->stateSetup($job, changes: ['instrument' => 'G-07'])->assertOk();
        }
        $released->update(['is_closed' => true]);
        Carbon::setTestNow('2030-05-04 10:00:00');
        $this->check('')->assertSessionHasErrors('shows');
        $this->check('far')->assertSessionHasErrors('shows');
        $this->check('0.4')->assertSessionDoesntHaveErrors();
        $this->get('/gauges/G-07')
            ->assertSee('To be read again')
            ->assertSee($open->tag())
            ->assertSee('open: put the gauge back')
            ->assertSee($released->tag())
            ->assertSee('released: tell the customer')
            ->assertDontSee($before->tag())
            ->assertSee('did not hold on its master, off by 0.40 thou');
        Carbon::setTestNow('2030-05-05 10:00:00');
        $this->post('/gauges/G-07/calibrations', [
            'ulid' => $this->ulid(),
            'done_on' => '2030-05-05',
            'due_on' => '2031-05-05',
            'by_whom' => 'the valley’s laboratory',
        ]);
        $this->get('/gauges/G-07')->assertDontSee('To be read again');
        Carbon::setTestNow();
    }

    public function test_a_micrometer_is_checked_against_the_size_of_its_master(): void
    {
        $this->gauge(['kind' => 'outside micrometer']);
        $this->post('/gauges/G-07/checks', ['ulid' => $this->ulid(), 'shows' => '3.0001'])->assertSessionHasErrors('master');
        $this->post('/gauges/G-07/checks', ['ulid' => $this->ulid(), 'shows' => '3.0001', 'master' => '3.0000'])->assertSessionHas(
            'note',
            'It holds.',
        );
        $this->post('/gauges/G-07/checks', ['ulid' => $this->ulid(), 'shows' => '3.0002', 'master' => '3.0000']);
        $this->assertFalse(GaugeEvent::query()->latest('id')->firstOrFail()->said['holds']);
    }

    public function test_everybody_reads_the_register_and_only_inspector_and_owner_write_it(): void
    {
        $this->gauge();
        $this->actingAs($this->person(Role::Machinist));
        $this->get('/gauges')->assertOk()->assertDontSee('Put a gauge into the register');
        $this->get('/gauges/G-07')->assertOk()->assertDontSee('Study of repeats');
        foreach (
            [
                '/gauges',
                '/masters',
                '/gauges/G-07/calibrations',
                '/gauges/G-07/studies',
                '/gauges/G-07/checks',
                '/gauges/G-07/retirement',
                '/gauges/G-07/tokens',
            ] as $path
        ) {
            $this->post($path, ['ulid' => $this->ulid()])->assertForbidden();
        }
    }

    private function check(string $shows): TestResponse
    {
        return $this->post('/gauges/G-07/checks', ['ulid' => $this->ulid(), 'shows' => $shows]);
    }

    /** @param  array<string, string>  $changes */
    private function gauge(array $changes = []): TestResponse
    {
        return $this->post(
            '/gauges',
            $changes + [
                'ulid' => $this->ulid(),
                'tag' => 'G-07',
                'name' => 'bore gauge',
                'kind' => 'dial bore gauge .0001',
                'unit' => 'in',
            ],
        );
    }
}
