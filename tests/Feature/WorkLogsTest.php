<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\EntryKind;
use App\Storage\Observation;
use App\Storage\QueuedWork;
use Illuminate\Support\Carbon;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Work\OperationKind;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What is logged at the machines, and what follows from it (WORK-2, SLV, HONE, DECK-3). */
final class WorkLogsTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_a_sleeve_is_cut_for_checked_fitted_and_not_read_before_it_is_cool(): void
    {
        $this->sleeveTwo();
        $this->log('sleeves', 'sleeve.2', ['log' => 'parent_read', 'parent' => '4.0 4.0 4.0 4.0'])->assertStatus(422);
        $this->log('sleeves', 'sleeve.2', ['log' => 'sleeve_measured', 'outside' => '4.0100 4.0100 4.0102'])->assertStatus(422);
        $card = $this->log('sleeves', 'sleeve.2', [
            'log' => 'sleeve_measured',
            'outside' => '4.0100 4.0102 4.0098 4.0100',
            'length' => '7.0',
            'least' => '.001',
            'most' => '.003',
        ])
            ->assertOk()
            ->json('fragments.bench');
        // 4.0100 less .0025, which is .0005 below the top of the range; the rough cut leaves .017 more.
        $this->assertStringContainsString('4.0075', $card);
        $this->assertStringContainsString('3.9905', $card);
        $this->assertStringContainsString('6.9375', $card);

        $read = $this->log('sleeves', 'sleeve.2', ['log' => 'parent_read', 'parent' => '4.0075 4.0075 4.0095 4.0075'])->assertOk();
        $this->assertStringContainsString('Bottom, thrust: 0.50 thou is outside 1.00 thou to 3.00 thou', $read->json('fragments.bench'));
        $this->log('sleeves', 'sleeve.2', ['log' => 'sleeve_fitted'])
            ->assertStatus(422)
            ->assertSee('bottom, thrust');
        $this->tick('sleeve.2')->assertSessionHasErrors('sleeve.2');

        $this->log('sleeves', 'sleeve.2', ['log' => 'parent_read', 'parent' => '4.0075 4.0075 4.0076 4.0075'])->assertOk();
        Carbon::setTestNow('2026-11-30 10:00:00');
        $this->log('sleeves', 'sleeve.2', ['log' => 'sleeve_fitted', 'compound_low' => '1'])->assertOk();
        $this->get($this->url('work'))->assertSee('cools until '.now()->addHour()->format('H:i'));
        Carbon::setTestNow('2026-11-30 10:59:00');
        $this->tick('sleeve.2')->assertSessionHasErrors('sleeve.2');
        $this->assertStringContainsString('read it at 11:00', session('errors')->first('sleeve.2'));
        Carbon::setTestNow('2026-11-30 11:00:00');
        $this->tick('sleeve.2')->assertSessionDoesntHaveErrors();
        $this->get($this->url('work'))->assertSee('parent, rough, sleeve 2')->assertSee('3.9905');
        $this->job->forceFill(['serial' => 'TR 1177'])->save();
        $this->actingAs($this->inspector)
            ->get('/seen?serial=TR+1177')
            ->assertSee('sleeve in 2: 4.0100 in outside, 7.0000 in long, in a parent of 4.0076 in');
    }

    public function test_the_hone_bench_says_how_long_the_next_stint_is_and_where_to_dwell(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->workUpTo('hone.1');
        $this->get($this->url('work/at/hone.1'))->assertOk()->assertSee('read it first')->assertSee('3.8325 in');
        $this->stint('hone.1', ['tool' => 'ball_hone'])
            ->assertStatus(422)
            ->assertSee('corrects nothing');
        $this->stint('hone.1', ['after' => '3.8300 3.8300 3.8301'])
            ->assertStatus(422)
            ->assertSee('6 sizes are wanted');
        $this->stint('hone.1', ['seconds' => 'a while'])
            ->assertStatus(422)
            ->assertSee('plain number');

        $card = $this->stint('hone.1', [
            'before' => '3.8285 3.8285 3.8286 3.8285 3.8285 3.8285',
            'after' => '3.8300 3.8301 3.8299 3.8300 3.8297 3.8298',
            'rpm' => '450',
            'cycles' => '60',
            'stroke' => '5.5',
        ])
            ->assertOk()
            ->json('fragments.bench');
        // 1.2 thou in 30 s; four fifths of the 2.8 thou that are left to 3.8325 take 56 s.
        $this->assertStringContainsString('>56 s<', $card);
        $this->assertMatchesRegularExpression('/bottom, thrust.*tightest: dwell here/s', $card);
        $this->assertStringContainsString('14° included, 7° from the horizontal', $card);
        $this->assertMatchesRegularExpression('/which no hand keeps up; at 60 cycles it takes \d+ rpm/', $card);

        $this->assertStringContainsString('Say how long they', $card);
        // A bore of 7.125 in and stones of 3.0: a stroke of 5.5 leaves it by .6875, and .6 are there.
        $travel = ['rpm' => '450', 'cycles' => '60', 'stroke' => '5.5', 'stones' => '3.0', 'room' => '.6'];
        $far = $this->stint('hone.1', $travel)->json('fragments.bench');
        $this->assertStringContainsString(
            'leave the bore by 0.6875 in at each end, and 0.6000 in is the most: a stroke of 5.3250 in',
            $far,
        );
        $near = $this->stint('hone.1', ['stroke' => '5.325'] + $travel)->json('fragments.bench');
        $this->assertStringContainsString('leave the bore by 0.6000 in at each end; 0.6000 in is the most', $near);
        $this->stint('hone.1', ['room' => 'plenty'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('room');

        $warm = $this->stint('hone.1', ['after' => '3.8330 3.8330 3.8330 3.8330 3.8330 3.8330', 'warm' => '1'])->json('fragments.bench');
        $this->assertStringContainsString('>56 s<', $warm, 'what is read warm counts for nothing');
        $patch = $this->stint('hone.1', ['look' => 'patch_that_stays'])->json('fragments.bench');
        $this->assertStringContainsString('suspect for a crack', $patch);
    }

    public function test_a_pass_that_would_leave_too_little_is_refused_and_the_rest_is_counted(): void
    {
        $this->readWorn();
        $this->stateSetup($this->job, 'deck', ['feature' => 'deckheight', 'instrument' => 'outside micrometer', 'zero' => null]);
        $this->key($this->job, 'deckheight.1', '11.3000', 'deck', ['confirmed' => true])->assertOk();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->workUpTo('deck.1');
        $this->log('passes', 'deck.1', ['depth' => '2'])->assertOk();
        $card = $this->log('passes', 'deck.1', ['depth' => '1.5', 'seats' => 'one kissed'])
            ->assertOk()
            ->json('fragments.bench');
        $this->assertStringContainsString('3.5 thou taken', $card);
        $this->assertStringContainsString('11.2965 in', $card);
        $this->assertStringContainsString('2.5 thou', $card, 'above its least');
        $this->assertStringContainsString('one kissed', $card);
        $this->log('passes', 'deck.1', ['depth' => '500'])
            ->assertStatus(422)
            ->assertSee('may still come off');
        $this->log('passes', 'deck.1', ['depth' => '-1'])->assertStatus(422);
    }

    public function test_a_bore_that_did_not_clean_up_is_judged_anew_and_the_plan_opens(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->workUpTo('bore.1');
        $this->log('cuts/not-clean', 'bore.1', ['remaining' => '.006'])
            ->assertStatus(422)
            ->assertSee('Log the cut first');
        $this->log('cuts', 'bore.1', ['size' => '3.8400'])
            ->assertStatus(422)
            ->assertSee('is outside');
        $this->log('cuts', 'bore.1', ['size' => '3.8285'])->assertOk();
        $this->log('cuts/not-clean', 'bore.1', ['remaining' => '.006', 'where' => 'low, thrust'])->assertOk();

        $work = $this->file()->work();
        $this->assertTrue($work->isPlanOpenAgain());
        $this->assertSame([], $work->stopsOf($work->order()?->operation('bore.2') ?? $this->fail()), 'no other bore is held');
        $required = array_filter($this->file()->assessment()->plan->options ?? [], static fn ($one): bool => $one->key() === 'bore 508000');
        $this->assertContains(1, reset($required)->sleeved ?? [], 'at +.020 it needs a sleeve now');
        $this->log('cuts', 'bore.1', ['size' => '3.8286'])
            ->assertStatus(422)
            ->assertSee('Stopped');
    }

    public function test_a_longer_stroke_is_cleared_gap_by_gap(): void
    {
        $this->readWorn();
        $this->sendTo($this->job, 'sheet', [
            'value' => ['/stroke' => '4.5000', '/piston/compression_height' => '2.04375', '/volumes/ratio' => '7.74'],
            'scope' => 'engine',
            'words' => 'longer stroke, agreed by the customer',
        ])->assertOk();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->get($this->url('work/at/stroke clearance'))->assertOk()->assertSee('no gap measured yet');
        $gap = ['place' => 'rail at cylinder 2', 'gap' => '.020', 'wanted' => '.060', 'wall' => '.310'];
        $this->log('gaps', 'stroke clearance', $gap)->assertStatus(422)->assertSee('First: crack check the block');
        $this->workUpTo('stroke clearance');
        $card = $this->log('gaps', 'stroke clearance', $gap)->assertOk()->json('fragments.bench');
        $this->assertStringContainsString('one place to grind', $card);
        $this->assertMatchesRegularExpression('/rail at cylinder 2.*0\.0200.*0\.0600.*0\.0400.*0\.2700/s', $card);
        $this->log('gaps', 'stroke clearance', ['place' => ''] + $gap)
            ->assertStatus(422)
            ->assertSee('Where is it?');
        $this->log('gaps', 'stroke clearance', ['wanted' => ''] + $gap)
            ->assertStatus(422)
            ->assertSee('What gap is wanted');
        $this->sendTo($this->job, 'work', ['operation' => 'stroke clearance', 'state' => 'done'])
            ->assertStatus(422)
            ->assertSee('Grind there and measure it again');
        $through = $this->log('gaps', 'stroke clearance', ['wall' => '.035'] + $gap)->json('fragments.bench');
        $this->assertStringContainsString('▲', $through, 'the wall would be ground through');
        $done = $this->log('gaps', 'stroke clearance', ['gap' => '.060'] + $gap)->json('fragments.bench');
        $this->assertStringContainsString('every gap is enough', $done);
    }

    public function test_what_is_sent_from_a_card_answers_with_the_card(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $page = $this->get($this->url('work/at/bore.3'))->assertOk();
        $page->assertSee('name="at" value="bore.3"', false)->assertSee('name="card" value="1"', false);
        $page->assertSee('<option selected>3</option>', false);
        $sent = ['operation' => 'bore.3', 'at' => 'bore.3', 'card' => '1'];
        $begun = $this->sendTo($this->job, 'work/time', ['state' => 'begun'] + $sent)
            ->assertOk()
            ->json('fragments');
        $this->assertStringContainsString('Bore, cylinder 3', $begun['bench']);
        $this->assertStringContainsString('Pause', $begun['margin']);
        $flaw = ['cylinder' => '3', 'look' => 'sharp line'] + $sent;
        $seen = $this->sendTo($this->job, 'work/flaws', $flaw)->assertOk()->json('fragments');
        $this->assertStringContainsString('Bore, cylinder 3', $seen['bench'], 'whoever stands at the mill still sees it');
        $this->assertStringContainsString('cylinder 3', $seen['margin']);
        $this->assertStringContainsString('line out', $seen['margin'], 'and that it stops');
    }

    public function test_an_answer_brings_what_can_have_changed_and_all_of_it_to_who_has_not_seen_the_rest(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $head = fn (): int => $this->job->refresh()->entries;
        $parts = fn (string $page, array $data, ?int $shown, string $operation = ''): array => array_keys(
            $this->showing($shown, $operation)->sendTo($this->job, $page, $data)->assertOk()->json('fragments'),
        );
        $time = static fn (string $state, ?int $shown, string $operation = ''): array => $parts(
            'work/time',
            ['operation' => 'wash', 'at' => 'wash', 'state' => $state],
            $shown,
            $operation,
        );
        $all = ['head', 'order', 'entry', 'margin'];
        $this->assertSame(['entry', 'margin'], $time('begun', $head()));
        $this->assertSame(['margin'], $time('paused', $head(), 'wash'), 'the entry line stands there already');
        $this->assertSame(['entry', 'margin'], $time('begun', $head(), 'deck.1'), 'the entry line stands elsewhere and follows');
        $this->assertSame($all, $time('paused', $head() - 1), 'somebody wrote what this page does not show');
        $this->assertSame($all, $time('begun', null), 'who does not say what is shown gets all');
        $this->assertSame(['order', 'entry', 'margin'], $parts('work', ['operation' => 'wash', 'at' => '', 'state' => 'done'], $head()));
        $log = ['operation' => 'wash', 'at' => 'wash', 'card' => '1', 'state' => 'ended'];
        $this->assertSame(['bench', 'margin'], $parts('work/time', $log, $head(), 'wash'), 'the card has no order');
        $this->artisan('ledger:recompute')->assertSuccessful();
        $found = ['cylinder' => '3', 'look' => 'sharp line'];
        $this->assertSame($all, $parts('work/flaws', $found, $head()), 'what is found changes everything');
    }

    public function test_what_is_sent_twice_is_answered_whole(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->showing($this->job->refresh()->entries);
        $sent = ['ulid' => $this->ulid(), 'operation' => 'wash', 'at' => 'wash', 'state' => 'begun'];
        $this->postJson($this->url('work/time'), $sent)->assertOk();
        $this->log('time', 'crack check', ['state' => 'begun'])->assertOk();
        $again = $this->postJson($this->url('work/time'), $sent)->assertOk();
        $this->assertFalse($again->json('rest_is_shown'));
        $this->assertSame(['head', 'order', 'entry', 'margin'], array_keys($again->json('fragments')));
    }

    /** What a page says that it shows, with all that is sent from here on. */
    private function showing(?int $head, string $operation = ''): self
    {
        return $this->flushHeaders()->withHeaders(array_filter(['X-Shown-Head' => (string) $head, 'X-Shown-Operation' => $operation]));
    }

    /** Whichever comes next in the order: what is keyed into a card is kept of its own operation. */
    public function test_a_card_stays_at_its_operation_after_a_log(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $bench = (string) $this->log('time', 'bore.3', ['state' => 'begun'])->assertOk()->json('fragments.bench');
        preg_match_all('/name="operation" value="([^"]+)"/', $bench, $operations);

        $this->assertSame(['bore.3'], array_values(array_unique($operations[1])));
        $this->assertStringContainsString('Bore, cylinder 3', $bench);
    }

    public function test_a_letter_is_a_key_only_where_a_number_is_taken(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->get($this->url('work?at=wash'))->assertOk()->assertDontSee('data-hotkey', false);
        $this->get($this->url('work?at=bore.1'))->assertOk()->assertSee('data-hotkey="p"', false)->assertSee('data-hotkey="b"', false);
        $this->get($this->url('work/at/deck.1'))->assertOk()->assertSee('data-hotkey="b"', false)->assertDontSee('data-hotkey="p"', false);
    }

    public function test_pistons_that_are_measured_at_the_machine_are_readings_of_the_finished_sheet(): void
    {
        $this->chooseTwentyOver();
        $this->stateSetup($this->job, 'bores.final', ['zero' => '3.8325'])->assertOk();
        $this->actingAs($this->machinist);
        $this->tick('pistons measured.3', actual: '3.8314')->assertSessionDoesntHaveErrors();

        $this->assertContains('pistons measured.3', $this->file()->work()->closedOperations());
        $this->get($this->url('work'))
            ->assertSee('Measure the pistons, cylinder 3: 3.8314, done')
            ->assertSee('Hone to size, cylinder 3: 3.8331 instead of 3.8327.');
    }

    public function test_time_is_begun_and_ended_once_and_the_machine_says_what_is_clamped(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->workUpTo('bore.1');
        Carbon::setTestNow('2026-11-30 08:00:00');
        $this->post($this->url('work/time'), [
            'ulid' => $this->ulid(),
            'operation' => 'bore.1',
            'state' => 'ended',
        ])->assertSessionHasErrors();
        $this->post($this->url('work/time'), [
            'ulid' => $this->ulid(),
            'operation' => 'bore.1',
            'state' => 'begun',
        ])->assertSessionDoesntHaveErrors();
        $this->get('/machines/mill')->assertSeeInOrder(['Clamped now', $this->job->tag(), 'begun 30 Nov 08:00']);
        $now = $this->get('/machines/mill/now')->assertSee('begun 30 Nov 08:00')->assertDontSee('<main', false)->headers->get('ETag');
        $this->get('/machines/mill/now', ['If-None-Match' => $now])->assertStatus(304);
        Carbon::setTestNow('2026-11-30 08:41:30');
        $this->post($this->url('work/time'), [
            'ulid' => $this->ulid(),
            'operation' => 'bore.2',
            'state' => 'ended',
        ])->assertSessionDoesntHaveErrors();
        $this->get($this->url('work').'?at=bore.1')->assertSee('42 min so far');
        $this->get('/machines/mill/now', ['If-None-Match' => $now])->assertOk();
        $this->get('/machines/mill')
            ->assertDontSee('Clamped now')
            ->assertSeeInOrder(['Next', 'Bore']);
        $this->get('/machines/no_such')->assertNotFound();

        $queue = QueuedWork::all($this->job->refresh()->machine_queue);
        $bores = array_filter($queue, static fn (QueuedWork $one): bool => $one->kind === OperationKind::Bore);
        $this->assertSame([['1', '2', '3', '4']], array_values(array_column($bores, 'open')));
    }

    /** @return iterable<string, array{string, array<string, string>}> */
    public static function writes(): iterable
    {
        yield 'stint' => ['work/stints', ['operation' => 'hone.1']];
        yield 'pass' => ['work/passes', ['operation' => 'deck.1']];
        yield 'cut' => ['work/cuts', ['operation' => 'bore.1']];
        yield 'not clean' => ['work/cuts/not-clean', ['operation' => 'bore.1']];
        yield 'sleeve' => ['work/sleeves', ['operation' => 'sleeve.1']];
        yield 'time' => ['work/time', ['operation' => 'bore.1', 'state' => 'begun']];
    }

    /** @param  array<string, string>  $data */
    #[DataProvider('writes')]
    public function test_only_who_works_may_log_and_nothing_is_counted_twice(string $page, array $data): void
    {
        $this->chooseTwentyOver();
        $counter = $this->person(Role::FrontCounter);
        $this->actingAs($counter)
            ->post($this->url($page), ['ulid' => $this->ulid()] + $data)
            ->assertForbidden();

        $this->actingAs($this->machinist);
        $this->workUpTo('bore.1');
        $entry = ['ulid' => $this->ulid(), 'operation' => 'bore.1', 'size' => '3.8285'];
        $this->postJson($this->url('work/cuts'), $entry)->assertOk();
        $this->postJson($this->url('work/cuts'), $entry)->assertOk();
        $this->assertSame(1, Observation::query()->where('kind', EntryKind::WorkLog)->count());
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    private function sleeveTwo(): void
    {
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, $cylinder === 2 ? ['21.2', '14', '12', '8', '2', '1.5'] : self::WORN);
        }
        $this->post($this->url('plan'), [
            'ulid' => $this->ulid(),
            'option' => 'bore 508000',
            'reason' => 'one sleeve',
        ])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->workUpTo('sleeve.2');
        $this->tick('order sleeves')->assertSessionDoesntHaveErrors();
        $this->assertNotNull($this->file()->work()->order()?->ofKind(OperationKind::Sleeve)[0] ?? null);
    }

    /** @param  array<string, string>  $typed */
    private function stint(string $operation, array $typed): TestResponse
    {
        return $this->log('stints', $operation, $typed + ['seconds' => '30', 'tool' => 'rigid_stones', 'set' => '1', 'look' => 'even']);
    }

    /** @param  array<string, string>  $typed */
    private function log(string $page, string $operation, array $typed): TestResponse
    {
        return $this->postJson($this->url("work/{$page}"), ['ulid' => $this->ulid(), 'operation' => $operation, 'card' => '1'] + $typed);
    }

    private function file(): JobFile
    {
        return app(JobFiles::class)->open($this->job->refresh());
    }
}
