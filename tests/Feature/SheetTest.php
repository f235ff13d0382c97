<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\SlippedPoint;
use App\People\Role;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Reading;
use App\Storage\User;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

final class SheetTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
    }

    public function test_the_dialogs_say_inches_in_words(): void
    {
        $this->get("/jobs/{$this->job->tag()}/measure")
            ->assertSee('a gauge block or ring, in inches')
            ->assertDontSee('in in;');
    }

    public function test_a_reading_needs_a_gauge_first(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertStatus(422)->assertJsonPath('question.kind', 'setup');
        $this->stateSetup($this->job)->assertOk();
        $answer = $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();

        $this->assertSame('bore.2.top.thrust', $answer->json('walk.0.place'));
        $this->assertStringContainsString('3.8156', $answer->json('fragments.table'));
        $this->assertDatabaseHas('readings', ['place' => 'bore.1.top.thrust', 'typed' => '3.1', 'value_nm' => 96_916_240]);
    }

    public function test_the_same_reading_sent_again_counts_once(): void
    {
        $this->stateSetup($this->job);
        $ulid = $this->ulid();
        $first = $this->key($this->job, 'bore.1.top.thrust', '3.1', changes: ['ulid' => $ulid])->assertOk();
        $again = $this->key($this->job, 'bore.1.top.thrust', '3.1', changes: ['ulid' => $ulid])->assertOk();

        $this->assertSame($first->json(), $again->json());
        $this->assertSame(1, Reading::query()->count());
        $this->assertSame(3, LedgerEntry::query()->where('job_id', $this->job->id)->count());
    }

    public function test_the_page_that_reads_sizes_takes_them_as_sizes(): void
    {
        $this->stateSetup($this->job, changes: ['instrument' => 'inside micrometer']);
        $this->key($this->job, 'bore.1.top.thrust', '3 13/16')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '3.8156')->assertOk();
        $this->key($this->job, 'bore.3.top.thrust', '30 over', changes: ['confirmed' => true])->assertOk();

        $this->assertSame([96_837_500, 96_916_240, 97_599_500], Reading::query()->orderBy('id')->pluck('value_nm')->all());
    }

    public function test_a_decimal_point_that_slipped_is_asked_back_with_one_key_for_each_answer(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '48')->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '10.2', changes: ['reason' => 'misread'])->assertOk();
        $question = $this->key($this->job, 'bore.4.top.thrust', '48')->assertStatus(422)->json('question');
        $this->assertSame(['slip', ['4.8', '48']], [$question['kind'], $question['choices']]);
        $this->assertStringContainsString('The others here read +3.1 to +10.2 thou. 4.8 or 48?', $question['text']);
        $this->key($this->job, 'bore.4.top.thrust', '4.8')->assertOk();
        $this->key($this->job, 'bore.3.top.thrust', '48', changes: ['confirmed' => true])->assertOk();
        $this->assertTrue(Reading::query()->where('place', 'bore.3.top.thrust')->firstOrFail()->was_confirmed);

        foreach (['48' => '4.8', '+48' => '+4.8', '.48' => null, '4.8' => '0.48', '480' => '48.0', '3 13/16' => null] as $typed => $meant) {
            $this->assertSame($meant, SlippedPoint::meant((string) $typed), (string) $typed);
        }
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function impossible(): iterable
    {
        yield 'far from the nominal' => ['160', 'confirm', 'from the nominal'];
        yield 'a size keyed as a deviation' => ['3.8156 in', 'confirm', 'from the nominal'];
        yield 'no number' => ['thick', 'unreadable', 'does not read as a length'];
        yield 'finer than a nanometre' => ['.00000001', 'unreadable', 'finer than a nanometre'];
        yield 'nothing' => ['', 'unreadable', 'Nothing was typed'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_right_is_asked_back_and_not_saved(string $text, string $kind, string $part): void
    {
        $this->stateSetup($this->job);
        $answer = $this->key($this->job, 'bore.1.top.thrust', $text)->assertStatus(422)->assertJsonPath('question.kind', $kind);

        $this->assertStringContainsString($part, $answer->json('question.text'));
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_a_doubtful_reading_is_saved_once_confirmed_and_says_so(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->key($this->job, 'bore.1.top.inline', '14')->assertStatus(422)->assertJsonPath('question.kind', 'confirm');
        $this->key($this->job, 'bore.1.top.inline', '14', changes: ['confirmed' => true])->assertOk();

        $this->assertDatabaseHas('readings', ['place' => 'bore.1.top.inline', 'was_confirmed' => true]);
    }

    public function test_a_correction_asks_for_its_reason_and_supersedes(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->key($this->job, 'bore.1.top.thrust', '3.3')
            ->assertStatus(422)
            ->assertJsonPath('question.kind', 'reason')
            ->assertJsonPath('question.values.0', 'misread');
        $answer = $this->key($this->job, 'bore.1.top.thrust', '3.3', changes: ['reason' => 'misread'])->assertOk();

        $this->assertStringContainsString('3.8158', $answer->json('fragments.table'));
        [$old, $new] = Reading::query()->orderBy('id')->get()->all();
        $this->assertSame([$old->id, 'misread'], [$new->supersedes_id, $new->reason]);
        $this->assertSame('3.1', $old->typed, 'the old one stays as it was');
    }

    public function test_undo_takes_back_the_last_and_what_it_superseded_stands_again(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->key($this->job, 'bore.1.top.thrust', '3.9', changes: ['reason' => 'misread']);
        $undo = fn () => $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/undo", ['ulid' => $this->ulid()]);

        $this->assertStringContainsString('3.8156', $undo()->assertOk()->json('fragments.table'));
        $this->assertStringNotContainsString('3.8156', $undo()->assertOk()->json('fragments.table'));
        $undo()->assertStatus(422)->assertJsonPath('question.text', 'Nothing of yours is left on this sheet to take back.');
        $this->assertSame(4, Reading::query()->count(), 'nothing is ever deleted');
    }

    public function test_undo_leaves_other_peoples_readings_alone(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->actingAs($this->person(Role::Inspector, 'second'));

        $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/undo", ['ulid' => $this->ulid()])->assertStatus(422);
    }

    public function test_repeats_of_a_place_are_one_reading_by_their_mean(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.0');
        $this->key($this->job, 'bore.1.top.thrust', '3.2', changes: ['repeat' => true])->assertOk();
        $answer = $this->key($this->job, 'bore.1.top.thrust', '3.4', changes: ['repeat' => true])->assertOk();

        $this->assertStringContainsString('3.8157 ×3', $answer->json('fragments.table'));
    }

    public function test_looks_are_keyed_by_one_digit(): void
    {
        $this->key($this->job, 'ridge.1.top', '2')->assertOk();
        $this->key($this->job, 'pitting.1', '4')->assertOk();
        $this->key($this->job, 'scoring.1', '7')
            ->assertStatus(422)
            ->assertJsonPath('question.text', 'Answer with one digit: 0 none · 1 hairline · 2 felt · 3 catches a nail.');

        $this->assertDatabaseHas('readings', ['place' => 'ridge.1.top', 'look' => 'catches a nail']);
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee(
            'Ridge: top catches a nail, bottom not checked. It cannot stay like that.',
        );
    }

    public function test_a_piston_is_read_with_a_micrometer_where_nothing_else_is_stated(): void
    {
        $this->key($this->job, 'piston.2', '3.8105')->assertOk();
        $this->assertDatabaseHas('setups', ['feature' => 'piston', 'instrument' => 'outside micrometer']);
        $this->assertDatabaseHas('readings', ['place' => 'piston.2', 'value_nm' => 96_786_700]);
    }

    /** @return iterable<string, array{string}> */
    public static function noPlaces(): iterable
    {
        yield 'nonsense' => ['bore.1.up.down'];
        yield 'a cylinder too many' => ['bore.5.top.thrust'];
        yield 'a quote' => ["bore.1.top.thrust' or 1=1"];
    }

    #[DataProvider('noPlaces')]
    public function test_a_place_that_does_not_exist_is_refused(string $place): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, $place, '3.1')->assertStatus(422)->assertJsonPath('question.kind', 'unreadable');
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_a_zero_that_does_not_read_is_asked_back(): void
    {
        $this->stateSetup($this->job, changes: ['zero' => 'ring'])->assertStatus(422)->assertJsonPath('question.kind', 'unreadable');
        $this->stateSetup($this->job, changes: ['zero' => '30 over'])->assertOk();
        $this->assertDatabaseHas('setups', ['zero_nm' => 97_599_500]);
    }

    public function test_changes_are_handed_out_only_when_there_are_any(): void
    {
        $this->stateSetup($this->job);
        $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/changes?since=2")->assertNoContent();
        $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/changes?since=1")
            ->assertOk()
            ->assertJsonPath('head', 2);
    }

    public function test_the_margin_says_the_verdict_its_reasons_and_what_next(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.3.top.thrust', '9.6');
        $margin = $this->key($this->job, 'bore.3.top.inline', '5.2')->json('fragments.margin');

        $this->assertStringContainsString('Cannot stay at standard', $margin);
        $this->assertStringContainsString('Cylinder 1, top, thrust: worst place first.', $margin);
        $this->assertStringContainsString('BORE-6', $margin);
    }

    public function test_the_unit_that_is_shown_can_be_switched_and_entries_stay_in_the_jobs_own(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->show('/shown', ['unit' => 'mm'])->assertRedirect();
        $answer = $this->key($this->job, 'bore.2.top.thrust', '3.4')->assertOk();

        $this->assertStringContainsString('96.916', $answer->json('fragments.table'));
        $this->assertStringContainsString('+86', $answer->json('fragments.table'), '3.4 thou are 86 µm');
        $this->assertDatabaseHas('readings', ['place' => 'bore.2.top.thrust', 'typed' => '3.4', 'value_nm' => 96_923_860]);
        $this->get("/jobs/{$this->job->tag()}/measure")->assertSee('value="3.8125"', false);
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee('96.924 mm');
        $this->artisan('ledger:recompute')->assertSuccessful();
        $this->show('/shown', ['unit' => 'in']);
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee('3.8159 in');
        $this->show('/shown', ['unit' => 'furlong'])->assertSessionHasErrors('unit');
    }

    public function test_a_database_that_is_away_answers_with_what_to_do(): void
    {
        $socket = config('database.connections.mariadb.unix_socket');
        config(['database.connections.mariadb.unix_socket' => '/nowhere.sock']);
        $this->app->make('db')->purge();
        // The session and the person are known already; what fails is the writing.
        $answer = $this->key($this->job, 'bore.1.top.thrust', '3.1');

        $answer->assertStatus(503);
        $this->assertStringContainsString('Nothing you keyed is lost', (string) $answer->json('message'));
        config(['database.connections.mariadb.unix_socket' => $socket]);
        $this->app->make('db')->purge();
    }
}
