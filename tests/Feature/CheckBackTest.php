<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\CheckBack;
use App\Storage\KeyedReading;
use App\Storage\LedgerEntry;
use App\Storage\Reading;
use App\Storage\SheetName;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** A gauge that drifts: what it read is shown and carries no verdict until it is retaken or somebody stands by it. */
final class CheckBackTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_readings_since_the_last_good_check_are_suspect_and_carry_no_verdict(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->check('0')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '9.9')->assertOk();
        $this->key($this->job, 'bore.2.top.inline', '3.0')->assertOk();
        $this->assertSame('Cannot stay at standard', $this->job->refresh()->headline, 'out-of-round of cylinder 2');

        $answer = $this->check('+0.8')->assertOk();
        $this->assertSame(['bore.2.top.thrust', 'bore.2.top.inline'], $this->suspects());
        $this->assertSame('Not yet known', $this->job->refresh()->headline, 'what a drifted gauge read condemns nothing');
        $this->assertStringContainsString('suspect', $answer->json('fragments.table'));
        $this->assertStringContainsString('3.8224', $answer->json('fragments.table'), 'it is still shown');
        $this->assertStringContainsString('2 readings are suspect.', $answer->json('fragments.margin'));
        $this->assertStringContainsString('drifted +0.8 thou', $answer->json('fragments.setup'));
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_drift_of_the_resolution_itself_holds(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->check('+0.1')->assertOk();
        $this->assertSame([], $this->suspects());
        $this->check('-0.11')->assertOk();
        $this->assertSame([], $this->suspects(), 'everything before the good check is trusted');
        $this->assertStringContainsString('drifted', (string) $this->get("/jobs/{$this->job->tag()}/measure")->getContent());
    }

    public function test_a_drifted_gauge_takes_no_more_readings_before_its_zero_is_set_anew(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->check('0.5')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '3.4')
            ->assertUnprocessable()
            ->assertJsonPath('question.kind', 'setup')
            ->assertJsonPath('question.text', 'This gauge was found drifted at its last check. Re-zero it, then go on.');
        $this->stateSetup($this->job)->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '3.4')->assertOk();
    }

    public function test_a_suspect_place_is_proposed_again_and_retaken_without_asking_why(): void
    {
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->key($this->job, "bore.{$cylinder}.top.thrust", '3.1')->assertOk();
        }
        $walk = $this->check('0.5')->json('walk');
        $this->assertSame(
            ['bore.1.top.thrust', 'bore.2.top.thrust', 'bore.3.top.thrust', 'bore.4.top.thrust'],
            array_slice(array_column($walk, 'place'), 0, 4),
        );
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '2.6')->assertOk();
        $retaken = Reading::query()->latest('id')->firstOrFail();
        $this->assertSame(['drifted', 3], [$retaken->reason, count($this->suspects())]);
        $this->assertNotNull($retaken->supersedes_id, 'the old reading stays readable behind it');
    }

    public function test_somebody_can_stand_by_them_with_a_reason(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '9.1')->assertOk();
        $this->key($this->job, 'bore.1.top.inline', '3.1')->assertOk();
        $this->check('0.5')->assertOk();
        $this->confirm('')->assertSessionHasErrors([
            'reason' => 'Say why they can be trusted: the drift was found on the master, not on the gauge; another gauge reads the same.',
        ]);
        $this->confirm('the ring was dirty; a second gauge reads the same')->assertSessionDoesntHaveErrors()->assertRedirect();
        $this->assertSame([], $this->suspects());
        $this->assertSame('Cannot stay at standard', $this->job->refresh()->headline);
        $this->get("/jobs/{$this->job->tag()}/history")->assertSee('the ring was dirty');
        $this->confirm('again')->assertSessionHasErrors('reason');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_check_that_cannot_be_read_is_asked_back_and_sent_twice_it_counts_once(): void
    {
        $this->check('a bit')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->check('')->assertUnprocessable();
        $again = ['ulid' => $this->ulid(), 'shows' => '0'];
        $this->sendTo($this->job, 'sheets/bores/checks', $again)->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', $again)->assertOk();
        $this->assertSame([1, 3], [CheckBack::query()->count(), LedgerEntry::query()->count()]);
        $bare = $this->job($this->inspector);
        $this->sendTo($bare, 'sheets/bores/checks', ['shows' => '0'])
            ->assertUnprocessable()
            ->assertJsonPath('question.kind', 'setup');
    }

    public function test_a_gauge_that_shows_sizes_is_held_against_its_master(): void
    {
        $this->stateSetup($this->job, changes: ['instrument' => 'inside micrometer', 'zero' => null]);
        $this->key($this->job, 'bore.1.top.thrust', '3.8156')->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '4.0001', 'master' => '4.0000'])->assertOk();
        $this->assertSame([], $this->suspects());
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '4.0001'])->assertUnprocessable();
        $this->key($this->job, 'bore.2.top.thrust', '3.8156')->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '4.0003', 'master' => '4.0000'])->assertOk();
        $this->assertSame(['bore.2.top.thrust'], $this->suspects());
    }

    public function test_the_micrometer_of_the_pistons_goes_back_on_its_master_as_well(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->key($this->job, 'piston.1', '3.8105')->assertOk();
        $check = fn (string $shows): TestResponse => $this->sendTo($this->job, 'sheets/bores/checks', [
            'feature' => 'piston',
            'shows' => $shows,
            'master' => '3.0000',
        ]);
        $check('3.0001')->assertOk();
        $this->key($this->job, 'piston.2', '3.8106')->assertOk();
        $check('3.0004')->assertOk();
        $this->assertSame(['piston.2'], $this->suspects(), 'the bores and the piston before the good check are trusted');
        $bores = $this->file()->assessment()->bores;
        $this->assertNull($bores[1]->inspection->piston, 'it carries no verdict');
        $this->assertNotNull($bores[0]->inspection->piston);
        $this->key($this->job, 'piston.3', '3.8106')->assertUnprocessable()->assertJsonPath('question.kind', 'setup');
        $this->stateSetup($this->job, changes: ['feature' => 'piston', 'instrument' => 'outside micrometer'])->assertOk();
        $this->key($this->job, 'piston.3', '3.8106')->assertOk();
    }

    public function test_a_check_is_asked_for_after_so_many_readings_or_so_long(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->assertStringContainsString('not checked back yet', (string) $this->get("/jobs/{$this->job->tag()}/measure")->getContent());
        Carbon::setTestNow('2030-05-05 12:00:00');
        $this->assertStringContainsString(
            'check it back: 1 reading, 120 min',
            (string) $this->get("/jobs/{$this->job->tag()}/measure")->getContent(),
        );
        $this->check('0')->assertOk();
        $this->assertStringContainsString('holds, checked 12:00', (string) $this->get("/jobs/{$this->job->tag()}/measure")->getContent());
        Carbon::setTestNow();
    }

    public function test_only_who_measures_checks_or_stands_by_a_gauge(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->check('0')->assertForbidden();
        $this->confirm('x')->assertForbidden();
    }

    private function check(string $shows): TestResponse
    {
        return $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => $shows]);
    }

    private function confirm(string $reason): TestResponse
    {
        return $this->from("/jobs/{$this->job->tag()}/measure")->post("/jobs/{$this->job->tag()}/sheets/bores/confirmations", [
            'ulid' => $this->ulid(),
            'reason' => $reason,
        ]);
    }

    /** @return list<string> Places */
    private function suspects(): array
    {
        return array_map(
            static fn (KeyedReading $row): string => $row->place,
            $this->file()->record->entries(SheetName::bores())->suspects(),
        );
    }
}
