<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\CertificateParts;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Release;
use App\Storage\Stage;
use Database\Seeders\DemoParts;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Verification\VerificationState;
use Tests\TestCase;

/** Finished work beside the bores: read afresh, decided about, released, all by requests (WORK-4, WORK-6). */
final class FinishedPartsTest extends TestCase
{
    use WorkedJob;

    private const LARGE = ['pin.2.front.0', 'pin.2.front.90', 'pin.2.rear.0', 'pin.2.rear.90'];

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->receiveCrankshaft();
        $this->post($this->url('plan'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->workUpTo(null, ['grind rods' => '2.2395']);
        $this->actingAs($this->inspector);
    }

    public function test_a_job_waits_for_its_finished_readings_at_the_places_of_its_order(): void
    {
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage);
        $this->assertSame('finished readings of main 1', $this->job->waits_for);
        $this->get($this->url('verify'))->assertRedirect($this->url('verify/crankshaft'));
        $this->get($this->url('verify/crankshaft'))
            ->assertOk()
            ->assertSee('Finished: crankshaft')
            ->assertSee('data-place="pinfillet.2"', false)
            ->assertDontSee('data-place="mainfillet.2"', false)
            ->assertDontSee('data-place="pinscore.2"', false);
        $this->get($this->url('verify/weights'))->assertSee('The order has no work on this sheet.');
        $this->get($this->url('work?at=grind+rods.2'))->assertSee($this->url('verify/crankshaft'), false);
        $this->get($this->url('work/at/grind%20rods.2'))->assertOk();
        $this->get($this->url('work/at/crank%20wash'))->assertNotFound();
        $this->get($this->url('verify/rods'))->assertSee('The order has no work on this sheet.');
        $this->sign()->assertSessionHasErrors(['sign' => 'Crankshaft: 9 not verified yet, the first is main 1.']);
        $this->sendTo($this->job, 'sheets/crankshaft.final/readings', ['place' => 'mainfillet.2', 'text' => '.100'])->assertStatus(422);
    }

    public function test_a_journal_that_was_left_large_is_ground_again_and_only_it_is_read_again(): void
    {
        $this->finish(array_fill_keys(self::LARGE, '2.2402'));
        $this->assertSame(VerificationState::MoreToCut, $this->state('pin.2'));
        $this->assertSame('rework or a concession, rod journal 2', $this->job->refresh()->waits_for);
        $this->get($this->url('verify/crankshaft'))->assertSee('more to come off');

        $this->decide('main.1', 'rework')->assertSessionHasErrors([
            'subject' => 'Main 1 is not out of tolerance; there is nothing to decide.',
        ]);
        $this->decide('rod.1', 'rework')->assertSessionHasErrors(['subject' => 'This job has no such finished part.']);
        $this->decide('pin.2', 'rework')->assertSessionDoesntHaveErrors();
        $this->assertSame(Stage::Work, $this->job->refresh()->stage);
        $this->assertSame(VerificationState::Missing, $this->state('pin.2'));
        $this->assertSame(VerificationState::Conforms, $this->state('pin.3'));

        $this->actingAs($this->machinist);
        $this->workUpTo(null, ['grind rods' => '2.2395']);
        $this->actingAs($this->inspector);
        $this->finish([]);
        $this->assertSame(VerificationState::Conforms, $this->state('pin.2'));
        $this->sign()->assertSessionDoesntHaveErrors();

        $certificate = json_decode(Release::query()->sole()->certificate, true, 32, JSON_THROW_ON_ERROR);
        $this->assertSame([], $certificate['bores']);
        $rows = array_merge(...array_column($certificate['parts'][0]['tables'], 'rows'));
        $this->assertSame('2.2390 to 2.2400', array_column($rows, 'ordered', 'what')['Rod journal 2']);
        $this->assertSame(['conforms'], array_values(array_unique(array_column($rows, 'state'))));
        $this->get($this->url('certificate'))->assertOk()->assertSee('Rod journal 2')->assertDontSee('Work on the bores');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_concession_holds_for_what_was_read_and_for_nothing_that_is_read_later(): void
    {
        $this->finish(['mainra.2' => '30 uin']);
        $this->assertSame(VerificationState::Out, $this->state('main.2'));
        $this->decide('main.2', 'concession')->assertSessionDoesntHaveErrors();
        $this->assertSame(VerificationState::Conceded, $this->state('main.2'));

        $later = ['place' => 'mainra.2', 'text' => '40 uin', 'reason' => 'read again'];
        $this->sendTo($this->job, 'sheets/crankshaft.final/readings', $later)->assertOk();
        $this->assertSame(VerificationState::Out, $this->state('main.2'), 'nobody accepted that');
        $this->sign()->assertSessionHasErrors('sign');
    }

    public function test_a_certificate_claims_no_condition_that_was_not_stated(): void
    {
        $this->postJson($this->url('sheets/crankshaft.final/setups'), [
            'ulid' => $this->ulid(),
            'feature' => 'main',
            'instrument' => 'outside micrometer',
            'clean' => true,
        ])->assertOk();
        $this->sendTo($this->job, 'sheets/crankshaft.final/readings', ['place' => 'main.1.front.0', 'text' => '2.6100'])->assertOk();
        $this->assertSame(VerificationState::Out, $this->state('main.1'));
        $this->decide('main.1', 'concession')->assertSessionDoesntHaveErrors();

        $crankshaft = CertificateParts::of($this->file())[0];
        $this->assertSame('clean and dry', $crankshaft['conditions']);
        $this->assertSame('cooled to room temperature', $crankshaft['lacking']);
    }

    public function test_the_build_sheet_says_what_is_so_and_what_is_not_verified(): void
    {
        $this->get($this->url('build-sheet'))->assertOk()->assertSee('Not verified yet: do not assemble on it.');
        $this->finish([]);
        $this->get($this->url('build-sheet'))
            ->assertOk()
            ->assertDontSee('do not assemble on it')
            ->assertSee('2.2395')
            ->assertSee('Plastic strip')
            ->assertDontSee('Top ring gap');
    }

    public function test_a_polish_that_is_opened_again_leaves_no_finish_proved(): void
    {
        $this->finish([]);
        $this->assertSame(VerificationState::Conforms, $this->state('main.4'));
        $this->actingAs($this->machinist);
        $this->tick('polish', 'open again')->assertSessionDoesntHaveErrors();
        $this->assertSame(VerificationState::Missing, $this->state('main.4'));
    }

    public function test_who_worked_alone_and_verified_alone_is_named(): void
    {
        $this->app->make(DemoParts::class)->finished($this->job, $this->machinist, [], 5);
        $this->get($this->url('release'))->assertSee('did the work and is the only one who verified it: crankshaft.');
    }

    /** @param  array<string, string>  $other  By place */
    private function finish(array $other): void
    {
        $this->app->make(DemoParts::class)->finished($this->job, $this->inspector, $other, 5);
    }

    private function state(string $subject): ?VerificationState
    {
        return $this->file()->work()->verification()->parts()[$subject]->state ?? null;
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }

    private function decide(string $subject, string $kind): TestResponse
    {
        return $this->post($this->url('verify'), [
            'ulid' => $this->ulid(),
            'subject' => $subject,
            'kind' => $kind,
            'reason' => 'the customer was asked',
        ]);
    }

    private function sign(): TestResponse
    {
        return $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password']);
    }
}
