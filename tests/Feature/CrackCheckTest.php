<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\EarlyStages;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\Stage;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\Classification;
use NorthLedger\Core\Features\Cracks\CrackReport;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class CrackCheckTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Carbon::setTestNow('2030-01-02 22:30:00');
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_dye_check_runs_over_midnight_with_its_timers_on_the_bench(): void
    {
        $run = $this->begin();
        $this->step($run, 'clean');
        Carbon::setTestNow('2030-01-02 23:55:00');
        $this->step($run, 'penetrant');
        $this->assertSame(
            ['2030-01-03 00:05:00', 'block: then wipe off'],
            [$this->job->refresh()->timer_due_at?->format('Y-m-d H:i:s'), $this->job->timer_words],
        );
        $this->get('/')->assertSee('data-due="'.Carbon::parse('2030-01-03 00:05:00')->getTimestampMs().'"', false);

        Carbon::setTestNow('2030-01-03 00:06:00');
        $this->step($run, 'wipe');
        $this->step($run, 'developer');
        Carbon::setTestNow('2030-01-03 00:16:00');
        $this->step($run, 'read');
        $this->step($run, 'oil');

        $this->assertNull($this->job->refresh()->timer_due_at);
        $this->get("/jobs/{$this->job->tag()}/cracks")
            ->assertSee('No indication found')
            ->assertDontSee('read early')
            ->assertSee('developer on');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_an_early_reading_is_taken_and_marked(): void
    {
        $run = $this->begin();
        foreach (['clean', 'penetrant', 'wipe', 'developer', 'read'] as $step) {
            $this->step($run, $step);
        }
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertSee('read early, before its timer ended');
    }

    public function test_a_step_that_waited_for_the_network_keeps_its_time_and_no_step_is_skipped_or_done_twice(): void
    {
        $run = $this->begin(['age_ms' => 6 * 60_000]);
        $this->send('cracks/steps', ['run' => $run, 'step' => 'clean', 'age_ms' => 7 * 60_000])
            ->assertJsonValidationErrors(['step' => 'before the step that comes first']);
        $this->send('cracks/steps', ['run' => $run, 'step' => 'clean', 'age_ms' => 5 * 60_000])->assertOk();
        $this->send('cracks/steps', ['run' => $run, 'step' => 'developer'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['step' => 'The next step is “Penetrant on”']);
        $this->send('cracks/steps', ['run' => $run, 'step' => 'penetrant', 'age_ms' => 4 * 60_000])->assertOk();
        $this->send('cracks/steps', ['run' => $run, 'step' => 'wipe', 'age_ms' => 5 * 60_000])->assertJsonValidationErrors([
            'step' => 'before the step that comes first',
        ]);
        $this->assertSame(
            '22:26',
            Observation::query()->where('said', 'like', '%penetrant%')->where('kind', 'crack step')->sole()->happened_at->format('H:i'),
        );
        $this->send('cracks/steps', ['run' => $run, 'step' => 'penetrant'])->assertUnprocessable();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function refusals(): iterable
    {
        yield 'particles on aluminium' => [['method' => 'wet magnetic particle', 'part' => 'head'], 'method', 'not magnetic'];
        yield 'pressure in a rod' => [['method' => 'pressure test', 'part' => 'rods'], 'method', 'no jacket'];
        yield 'too cold for dye' => [['temperature' => '4.5'], 'temperature', 'Below 5 °C'];
        yield 'no temperature' => [['temperature' => ''], 'temperature', 'How warm is the part?'];
        yield 'a temperature in words' => [['temperature' => 'warm'], 'temperature', 'like 18'];
        yield 'sent out to nobody' => [['method' => 'ultrasonic', 'part' => 'crankshaft'], 'lab', 'Who does it?'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('refusals')]
    public function test_what_cannot_work_is_refused_with_the_reason(array $changes, string $field, string $words): void
    {
        $quern = $this->job($this->inspector, 'quern-3-16', null);
        $this->send(
            'cracks/checks',
            $changes + ['part' => 'block', 'method' => 'dye penetrant', 'surface' => 'machined', 'temperature' => '20'],
            $quern,
        )
            ->assertUnprocessable()
            ->assertJsonValidationErrors([$field => $words]);
        $this->assertSame(0, Observation::query()->count());
    }

    public function test_a_sharp_line_that_comes_back_scraps_the_block_and_one_that_does_not_leaves_it(): void
    {
        $line = $this->place(['face' => 'main webs', 'zone' => 'main web', 'points' => '500,400 510,480']);
        $this->assertSame(Classification::Suspect, $this->classification($line));
        $this->assertSame(['not yet known', 'a retest of what is suspect'], [$this->job->refresh()->verdict, $this->cracksLack()]);

        $this->retest($line, 'sharp line');
        $this->assertSame(Classification::Crack, $this->classification($line));
        $this->assertSame(['scrap', 'The block is scrap'], [$this->job->refresh()->verdict, $this->job->headline]);
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('Main webs, main web: crack. The part is scrap.')
            ->assertSee('CRACK-5');
        $this->send('cracks/retests', ['indication' => $line, 'temperature' => 20])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['indication' => 'settled: crack']);

        $other = $this->place(['points' => '200,300']);
        $this->retest($other, 'none');
        $this->assertSame(Classification::ContaminationOrEdge, $this->classification($other));
    }

    public function test_a_retest_is_read_only_after_cleaning_and_developing_and_only_once(): void
    {
        $line = $this->place([]);
        $run = $this->ulid();
        $this->send('cracks/retests', ['ulid' => $run, 'indication' => $line, 'temperature' => 20])->assertOk();
        $this->send('cracks/retests', ['indication' => $line, 'temperature' => 20])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['indication' => 'running already']);
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read', 'look' => 'none'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['run' => 'First: Clean the mark off']);
        $this->step($run, 'clean');
        $this->step($run, 'developer');
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('step');
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read', 'look' => 'sharp line'])->assertOk();
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read', 'look' => 'none'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['run' => 'read already']);
        $this->assertSame(Classification::Crack, $this->classification($line));
        $this->send('cracks/indications/back', ['indication' => $line, 'reason' => 'slipped'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('indication');
    }

    public function test_a_crack_in_a_bore_becomes_a_sleeve_in_the_plan(): void
    {
        $line = $this->place(['zone' => 'bore wall', 'cylinder' => 3, 'points' => '600,400']);
        $this->retest($line, 'dots in a line');
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['0.4', '0.3', '0.3', '0.2', '0.1', '0.1']);
        }
        $option = $this->app->make(JobFiles::class)->open($this->job->refresh())->assessment()->plan?->options[0];
        $this->assertSame([3], array_values(array_intersect($option->sleeved ?? [], [3])));
        $this->get("/jobs/{$this->job->tag()}/plan")->assertSee('cylinder 3: sleeve');
        $this->assertTrue($this->job->refresh()->is_held, 'the customer decides about a sleeve');
    }

    public function test_a_repair_holds_the_job_until_the_customer_answers(): void
    {
        $cairn = $this->job($this->inspector, 'cairn-l4-144');
        $line = $this->place(['zone' => 'valve seat to bore', 'cylinder' => 2, 'points' => '358,355'], $cairn);
        $this->retest($line, 'sharp line', $cairn);
        $this->assertSame(
            [true, 'the customer: repair with seat insert, deck, valve seat to bore, cylinder 2'],
            [$cairn->refresh()->is_held, $cairn->waits_for],
        );
        $this->get('/')->assertSee('hold');

        $this->send('cracks/decisions', ['indication' => $line, 'disposition' => 'scrap'], $cairn)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['reason' => 'Say why']);
        $this->send('cracks/decisions', ['indication' => $line, 'disposition' => 'grind and check again'], $cairn)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('disposition');
        $this->send('cracks/decisions', ['indication' => $line, 'disposition' => 'repair with seat insert'], $cairn)->assertOk();
        $this->send('cracks/customer', ['indication' => $line, 'answer' => 'accepted'], $cairn)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['how' => 'Who said it']);

        $this->actingAs($this->person(Role::FrontCounter));
        $this->send(
            'cracks/customer',
            ['indication' => $line, 'answer' => 'accepted', 'how' => 'the foreman, by telephone'],
            $cairn,
        )->assertOk();
        $this->assertFalse($cairn->refresh()->is_held);
        $this->get("/jobs/{$cairn->tag()}/cracks")->assertSee('The customer accepted: the foreman, by telephone');
        $this->send('cracks/decisions', ['indication' => $line, 'disposition' => 'scrap', 'reason' => 'x'], $cairn)->assertForbidden();

        $this->actingAs($this->inspector);
        $this->send(
            'cracks/decisions',
            ['indication' => $line, 'disposition' => 'sleeve', 'reason' => 'the crack runs down the bore'],
            $cairn,
        )->assertOk();
        $this->assertTrue($cairn->refresh()->is_held, 'another decision asks the customer anew');
    }

    public function test_a_pressure_test_is_read_with_its_drop_and_sent_out_tests_with_their_result(): void
    {
        $run = $this->begin(['method' => 'pressure test', 'temperature' => '']);
        $this->step($run, 'blank off');
        $this->step($run, 'pressurise');
        Carbon::setTestNow(Carbon::now()->addMinutes(30));
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('begin');
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read', 'pressure_unit' => 'bar', 'begin' => 2, 'end' => 2.1])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['end' => 'The pressure rose']);
        $this->send('cracks/steps', [
            'run' => $run,
            'step' => 'read',
            'pressure_unit' => 'bar',
            'begin' => 4,
            'end' => 3.8,
            'leaks' => 1,
        ])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/cracks")
            ->assertSee('From 58 to 55.1 psi in 30 min, 1 leak seen')
            ->assertSee('CRACK-6');

        $sent = $this->begin(['method' => 'ultrasonic', 'part' => 'crankshaft', 'temperature' => '', 'lab' => 'the railway works']);
        $this->step($sent, 'send out');
        $this->send('cracks/steps', ['run' => $sent, 'step' => 'read', 'result' => ''])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('result');
        $this->send('cracks/steps', ['run' => $sent, 'step' => 'read', 'result' => 'nothing above 1 mm'])->assertOk();
    }

    public function test_a_crankshaft_by_particles_says_surface_only(): void
    {
        $run = $this->begin(['method' => 'wet magnetic particle', 'part' => 'crankshaft', 'temperature' => '']);
        foreach (['clean', 'magnetise', 'read', 'demagnetise', 'oil'] as $step) {
            $this->step($run, $step);
        }
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertSee('no indication found, surface only');
    }

    public function test_prone_places_are_ticked_and_the_face_says_what_is_open(): void
    {
        $this->send('cracks/places', ['number' => 1, 'face' => 'deck'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertSee('2 prone places not looked at');
        $this->send('cracks/places', ['number' => 1, 'looked' => false])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertSee('3 prone places not looked at');
        $this->send('cracks/places', ['number' => 77])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['number' => 'no crack-prone place 77']);
    }

    public function test_impossible_places_are_refused_and_a_wrong_one_is_taken_back_with_a_reason(): void
    {
        foreach (
            [
                ['zone' => 'rod'],
                ['points' => ''],
                ['points' => '1,2 3'],
                ['points' => '5000,2'],
                ['zone' => 'bore wall'],
                ['cylinder' => 9],
                ['look' => 'faint'],
                ['length' => 'long'],
                ['face' => 'left case half', 'zone' => 'case'],
            ] as $changes
        ) {
            $this->send('cracks/indications', $changes + $this->mark())->assertUnprocessable();
        }
        $this->assertSame(1, LedgerEntry::query()->count());
        $line = $this->place([]);
        $this->send('cracks/indications/back', ['indication' => $line])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['reason' => 'Say why']);
        $this->send('cracks/indications/back', ['indication' => $line, 'reason' => 'wrong cylinder'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/cracks")->assertDontSee('Suspect');
        $next = $this->place([]);
        $this->assertSame(2, $this->report()->indications[0]->number, 'a number is never given twice');
        $this->assertSame($next, $this->report()->indications[0]->id);
    }

    public function test_two_people_on_one_map_keep_both_their_marks_and_see_each_others(): void
    {
        $first = $this->place(['points' => '100,200']);
        $head = $this->job->refresh()->entries;
        $this->actingAs($this->person(Role::Owner));
        $second = $this->place(['points' => '800,700']);

        $seen = $this->getJson("/jobs/{$this->job->tag()}/live/cracks?face=deck&since={$head}")
            ->assertOk()
            ->json('fragments.map');
        $this->assertStringContainsString('indication 1', $seen);
        $this->assertStringContainsString('indication 2', $seen);
        $this->assertSame([$first, $second], array_column($this->report()->indications, 'id'));
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_every_face_of_every_family_is_drawn_with_its_places(): void
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            $job = $this->job($this->inspector, $family, null);
            $file = $this->app->make(JobFiles::class)->open($job);
            foreach ($file->sheet->faces() as $face) {
                $page = (string) $this->get("/jobs/{$job->tag()}/cracks?face=".urlencode($face->value))
                    ->assertOk()
                    ->getContent();
                $this->assertGreaterThan(3, substr_count($page, 'data-zone="'), "{$family} {$face->value}");
                $this->assertSame(
                    count(array_filter($file->sheet->pronePlaces, static fn ($place): bool => $place->face === $face)),
                    substr_count($page, 'data-pin="'),
                    "{$family} {$face->value}",
                );
            }
        }
    }

    /** @param  array<string, mixed>  $changes */
    private function begin(array $changes = []): string
    {
        $run = $this->ulid();
        $this->send(
            'cracks/checks',
            $changes + ['ulid' => $run, 'part' => 'block', 'method' => 'dye penetrant', 'surface' => 'clean cast', 'temperature' => '18'],
        )->assertOk();

        return $run;
    }

    private function step(string $run, string $step, ?Job $job = null): void
    {
        $this->send('cracks/steps', ['run' => $run, 'step' => $step], $job)->assertOk();
    }

    /** @return array<string, mixed> */
    private function mark(): array
    {
        return ['face' => 'deck', 'zone' => 'outer water jacket', 'points' => '500,400', 'look' => 'sharp line'];
    }

    /** @param  array<string, mixed>  $changes */
    private function place(array $changes, ?Job $job = null): string
    {
        $id = $this->ulid();
        $this->send('cracks/indications', $changes + ['ulid' => $id] + $this->mark(), $job)->assertOk();

        return $id;
    }

    private function retest(string $indication, string $look, ?Job $job = null): void
    {
        $run = $this->ulid();
        $this->send('cracks/retests', ['ulid' => $run, 'indication' => $indication, 'temperature' => 18], $job)->assertOk();
        $this->step($run, 'clean', $job);
        $this->step($run, 'developer', $job);
        Carbon::setTestNow(Carbon::now()->addMinutes(12));
        $this->send('cracks/steps', ['run' => $run, 'step' => 'read', 'look' => $look], $job)->assertOk();
    }

    private function classification(string $id): Classification
    {
        foreach ($this->report()->indications as $indication) {
            if ($indication->id === $id) {
                return $indication->classification();
            }
        }
        $this->fail("No indication {$id}.");
    }

    private function cracksLack(): string
    {
        return (new EarlyStages($this->app->make(JobFiles::class)->open($this->job->refresh())))->says(Stage::Cracks);
    }

    private function report(): CrackReport
    {
        $report = $this->app->make(JobFiles::class)->open($this->job->refresh())->record->cracks();
        $this->assertNotNull($report->part(EnginePart::Block));

        return $report;
    }

    /** @param  array<string, mixed>  $form */
    private function send(string $path, array $form, ?Job $job = null): TestResponse
    {
        return $this->sendTo($job ?? $this->job, $path, $form);
    }
}
