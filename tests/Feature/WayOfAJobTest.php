<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Job;
use App\Storage\PlanChoice;
use App\Storage\Stage;
use App\Storage\StoredOrder;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** One job from the plan to the certificate, and what is refused on the way. */
final class WayOfAJobTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
    }

    public function test_the_plan_shows_every_way_and_recommends_one(): void
    {
        $this->readWorn();
        $this->get($this->url('plan'))
            ->assertOk()
            ->assertSee('Bore to +.020')
            ->assertSee('recommended')
            ->assertSee('sleeve 1, 2, 3 and 4')
            ->assertSee('It is the cheapest way that leaves a size for the next rebuild.');
        $this->assertSame(Stage::Plan, $this->job->refresh()->stage);
        $this->assertSame('recondition', $this->job->verdict);
    }

    public function test_another_way_than_the_recommended_asks_for_a_reason_and_keeps_the_choice(): void
    {
        $this->readWorn();
        $this->from($this->url('plan'))
            ->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 1016000'])
            ->assertRedirect($this->url('plan'))
            ->assertSessionHasErrors('reason');
        $this->assertSame('bore 1016000', old('option'));
        $this->post($this->url('plan'), [
            'ulid' => $this->ulid(),
            'option' => 'bore 1016000',
            'reason' => 'pistons are in stock',
        ])->assertRedirect($this->url('work'));
        $this->assertSame(
            ['bore 1016000', 'bore 508000', 'pistons are in stock'],
            array_values(
                PlanChoice::query()
                    ->firstOrFail()
                    ->only(['option_key', 'recommended_key', 'reason']),
            ),
        );
    }

    public function test_a_way_that_is_not_in_the_plan_cannot_be_chosen(): void
    {
        $this->readWorn();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 123'])->assertSessionHasErrors('option');
        $this->assertSame(0, PlanChoice::query()->count());
    }

    public function test_operations_keep_their_order_and_their_targets(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $this->tick('bore.1', actual: '3.8285')->assertSessionHasErrors('bore.1');
        $this->assertStringContainsString('First: ', session('errors')->first('bore.1'));
        foreach (['wash', 'crack check', 'deck.1'] as $key) {
            $this->tick($key)->assertSessionDoesntHaveErrors();
        }
        $this->get($this->url('work').'?at=hone.1')->assertSeeInOrder(['Waits for', 'chamfer the bores']);
        $this->get($this->url('measure/volumes'))->assertSee('After: bore 3.8325 in.');
        $this->tick('bore.1', actual: '3.8301')->assertSessionHasErrors('bore.1');
        $this->assertSame('3.8301', old('actual'), 'what was typed stays');
        $this->tick('bore.1', actual: 'about right')->assertSessionHasErrors('bore.1');
        $this->tick('bore.1', actual: '3.8286')->assertSessionDoesntHaveErrors();
        $this->tick('bore.2', actual: '3.8301', remark: 'cutter slipped, sleeve if it does not hone')->assertSessionDoesntHaveErrors();
        $this->get($this->url('work'))
            ->assertSee('Bore, cylinder 1: 3.8286, done')
            ->assertSee('Bore, cylinder 2: 3.8301, done, outside its range')
            ->assertSee('5 of 20 closed');
    }

    public function test_the_whole_way_to_a_signed_certificate(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage);
        $this->actingAs($this->inspector);
        $this->get($this->url('release'))->assertSee('Not verified: cylinders 1, 2, 3 and 4.');
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors('sign');

        $this->readFinished();
        $this->assertSame(Stage::Release, $this->job->refresh()->stage);
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'guess'])->assertSessionHasErrors('password');
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();

        $this->assertTrue($this->job->refresh()->is_closed);
        $this->get($this->url('certificate'))
            ->assertOk()
            ->assertSee('3.8325 to 3.8330')
            ->assertSee('3.8327')
            ->assertSee('conforms')
            ->assertSee('main caps torqued: yes')
            ->assertSee('Block: no indication found, by dye penetrant')
            ->assertSee('Not checked for cracks: head, crankshaft, rods.')
            ->assertSee('Not measured: crankshaft, main housings, connecting rods, faces, head and valves, volumes.')
            ->assertSee('Inspector');
        $this->key($this->job, 'bore.1.top.thrust', '9', changes: ['reason' => 'misread'])->assertStatus(422);
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors('ulid');
    }

    public function test_the_bore_that_was_worst_is_read_first_where_it_was_worst(): void
    {
        $this->readWorn();
        $this->key($this->job, 'bore.3.middle.inline', '7.4', changes: ['reason' => 'worn there'])->assertOk();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertRedirect($this->url('work'));
        $this->workUpTo('hone.4');
        $this->actingAs($this->inspector);
        $places = $this->stateSetup($this->job, 'bores.final', ['zero' => '3.8325'])->assertOk()->json('walk.*.place');
        $this->assertSame(['bore.3.middle.inline', 'bore.3.top.thrust'], array_slice($places, 0, 2));
        $this->assertStringStartsWith('bore.4', end($places), 'it is not honed yet');

        $answer = $this->key($this->job, 'bore.3.middle.inline', '9', 'bores.final', ['confirmed' => true])->assertOk();
        $this->assertStringStartsWith('bore.1', $answer->json('walk.0.place'), 'too large by that alone');
    }

    /** What is not by the book comes through to the order, the verification and the certificate. */
    public function test_a_clearance_of_its_own_moves_the_targets_and_stands_on_the_certificate(): void
    {
        $this->chooseTwentyOver();
        $this->get($this->url('work'))->assertSee('3.8325');
        $this->sendTo($this->job, 'sheet', [
            'value' => ['/piston/standard' => '3.8100', '/piston/clearance' => '.0020-.0030', '/bore/finished/clearance' => '.0035'],
            'scope' => 'engine',
            'words' => 'forged pistons, agreed by the customer',
        ])->assertOk();
        $this->get($this->url('work'))->assertSee('3.8280 instead of 3.8285');
        $this->post($this->url('work/orders'), ['ulid' => $this->ulid()])->assertRedirect();
        $this->get($this->url('work'))->assertSee('3.8320 to 3.8325');
        $this->actingAs($this->machinist);
        $this->workUpTo(null, ['bore' => '3.8280', 'hone' => '3.8322']);
        $this->actingAs($this->inspector);
        $this->readFinished(['zero' => '3.8320']);
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();
        $this->get($this->url('certificate'))
            ->assertSee('3.8320 to 3.8325')
            ->assertSee('Clearance and least clearance: agreed for this engine: forged pistons, agreed by the customer.')
            ->assertSee('Not by the book: Piston, standard 3.8100 instead of 3.8110: forged pistons');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_finished_readings_without_the_ordered_conditions_do_not_close(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished(['caps_torqued' => false]);

        $this->get($this->url('verify'))->assertSee('Not under the ordered conditions: caps torqued.');
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage);
    }

    public function test_finished_readings_of_a_gauge_that_drifted_verify_nothing_until_they_are_read_again(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished();
        $this->assertSame(Stage::Release, $this->job->refresh()->stage);

        $this->sendTo($this->job, 'sheets/finished/checks', ['shows' => '-0.4'])->assertOk();
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage, 'the job goes back');
        $this->get($this->url('verify'))->assertSee('24 readings are suspect.');
        $this->get($this->url('release'))->assertSee('Not verified: cylinders 1, 2, 3 and 4.');
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors('sign');

        $this->readFinished();
        $this->assertSame(Stage::Release, $this->job->refresh()->stage);
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();
        $this->sendTo($this->job, 'sheets/finished/checks', ['shows' => '0'])->assertUnprocessable();
    }

    public function test_out_of_tolerance_is_reworked_with_fresh_readings_or_conceded(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished(first: ['1.4', ...array_slice(self::ROUND, 1)]);
        $this->get($this->url('verify'))->assertSee('Largest size out by 0.9 thou at top, thrust');
        $this->dispose(2, 'concession')->assertSessionHasErrors('subject');
        $this->dispose(1, 'rework', '')->assertSessionHasErrors('reason');
        $this->dispose(1, 'rework')->assertSessionDoesntHaveErrors();

        $this->assertSame('hone to size, cylinder 1', $this->job->refresh()->waits_for);
        $this->tick('hone.1', actual: '3.8328');
        $this->get($this->url('work'))->assertSee('To be done again, after hone to size, cylinder 1.');
        $this->tick('final wash')->assertSessionDoesntHaveErrors();
        $this->get($this->url('verify'))->assertSee('6 places are still to be read');
        foreach (['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'] as $index => $place) {
            $this->key($this->job, "bore.1.{$place}", $index === 0 ? '1.2' : self::ROUND[$index], 'bores.final', [
                'reason' => 'rework',
            ])->assertOk();
        }
        $this->dispose(1, 'concession', 'owner of the engine accepts 0.7 over')->assertSessionDoesntHaveErrors();
        $this->assertSame(Stage::Release, $this->job->refresh()->stage);
    }

    public function test_choosing_twice_by_the_same_request_is_one_choice(): void
    {
        $this->readWorn();
        $request = ['ulid' => $this->ulid(), 'option' => 'bore 508000'];
        $this->post($this->url('plan'), $request);
        $this->post($this->url('plan'), $request)->assertRedirect($this->url('work'));
        $this->assertSame(1, PlanChoice::query()->count());
    }

    public function test_a_signer_is_told_of_own_work_and_the_shop_can_forbid_it(): void
    {
        $this->chooseTwentyOver();
        $this->workAll($this->inspector);
        $this->readFinished();
        $this->get($this->url('release'))->assertSee('Inspector did the work and is the only one who verified it: cylinder bores.');

        $owner = $this->person(Role::Owner);
        $this->actingAs($owner)->post('/shop', $this->shop(['own_work' => 'forbidden']))->assertSessionDoesntHaveErrors();
        $this->actingAs($this->inspector)->get($this->url('release'))->assertSee('The shop does not allow that.');
    }

    public function test_an_order_is_made_once_and_a_new_revision_is_an_act_with_its_differences(): void
    {
        $this->chooseTwentyOver();
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner)->post('/shop', $this->shop(['order_of_work' => 'bore first']))->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->tick('wash');
        $this->tick('crack check');
        $this->tick('bore.1', actual: '3.8285')->assertSessionHasErrors('bore.1');
        $this->assertStringContainsString(
            'face the deck',
            session('errors')->first('bore.1'),
            'deck first, as it was when the order was made',
        );
        $this->tick('deck.1')->assertSessionDoesntHaveErrors();
        $this->tick('bore.1', actual: '3.8286')->assertSessionDoesntHaveErrors();

        $this->actingAs($this->inspector);
        $this->stateSetup($this->job, 'bores.final', ['zero' => '3.8325'])->assertOk();
        $this->key($this->job, 'piston.2', '3.8314', 'bores.final')->assertOk();
        $this->get($this->url('work'))
            ->assertSee('Made today, the order would be different')
            ->assertSee('Hone to size, cylinder 2: 3.8331 instead of 3.8327.');
        $this->actingAs($this->machinist)
            ->post($this->url('work/orders'), ['ulid' => $this->ulid()])
            ->assertForbidden();
        $this->actingAs($this->inspector)
            ->post($this->url('work/orders'), ['ulid' => $this->ulid()])
            ->assertRedirect($this->url('work'));
        $this->assertSame([1, 2], StoredOrder::query()->orderBy('number')->pluck('number')->all());
        $this->get($this->url('work'))
            ->assertSee('Order 2, made')
            ->assertSee('Bore, cylinder 1: 3.8286, done')
            ->assertDontSee('Made today, the order would be different');
        $this->from($this->url('work'))
            ->post($this->url('work/orders'), ['ulid' => $this->ulid()])
            ->assertSessionHasErrors('order');
    }

    public function test_downloads_hold_every_reading_the_superseded_ones_too(): void
    {
        $this->stateSetup($this->job);
        $this->key($this->job, 'bore.1.top.thrust', '3.1');
        $this->key($this->job, 'bore.1.top.thrust', '3.3', changes: ['reason' => '=HYPERLINK("x")']);
        $csv = $this->get($this->url('readings.csv'))->assertOk()->getContent();
        $json = $this->get($this->url('readings.json'))->assertOk()->json();

        $this->assertCount(3, explode("\n", trim($csv)));
        $this->assertStringContainsString("'=HYPERLINK", $csv);
        $this->assertSame([96_916_240, 96_921_320], array_column($json['readings'], 'value_nm'));
        $this->assertSame($json['readings'][0]['id'], $json['readings'][1]['supersedes']);
    }

    private function dispose(int $cylinder, string $kind, string $reason = 'taper at the top'): TestResponse
    {
        return $this->post($this->url('verify'), [
            'ulid' => $this->ulid(),
            'subject' => "bore.{$cylinder}",
            'kind' => $kind,
            'reason' => $reason,
        ]);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private function shop(array $changes): array
    {
        return $changes + [
            'preference' => 'balanced',
            'order_of_work' => 'deck first',
            'own_work' => 'warned',
            'crack_dwell' => 'short',
            'price' => [
                'setup' => '60',
                'bore' => '45',
                'hone' => '15',
                'sleeve' => '190',
                'rings' => '22',
                'piston' => '62.00',
                'block' => '1800',
                'cylinder' => '210',
            ],
            'minutes' => ['setup' => 60, 'bore' => 35, 'hone' => 20, 'sleeve' => 90],
            'decision_rule' => ['incoming' => 'simple', 'final' => 'simple'],
            'check_back' => ['readings' => '40', 'minutes' => '120'],
        ];
    }
}
