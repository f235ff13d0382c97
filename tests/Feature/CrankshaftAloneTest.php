<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Storage\QueuedWork;
use App\Storage\Stage;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Work\OperationKind;
use Tests\TestCase;

/** Story 9, as far as the order goes: a job without a block is planned and worked (JRNL-3, WORK-1a). */
final class CrankshaftAloneTest extends TestCase
{
    use WorkedJob;

    public function test_a_crankshaft_alone_is_planned_ground_and_waits_for_no_block(): void
    {
        $this->receiveJob();
        $this->receiveCrankshaft();
        $this->get($this->url('plan'))->assertSee('no bores came with it')->assertSee('Choose this plan')->assertDontSee('Gasket');
        $this->get($this->url('work'))->assertSee('No order yet');
        $this->post($this->url('plan'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();

        $order = $this->app->make(JobFiles::class)->open($this->job->refresh())->work()->order() ?? $this->fail('Nothing is worked.');
        $this->assertFalse($order->has('wash'), 'there is no block');
        $this->assertCount(4, $order->ofKind(OperationKind::GrindRods));
        $this->actingAs($this->machinist);
        $this->tick('polish')->assertSessionHasErrors('polish');
        $this->tick('order rod shells')->assertSessionHasErrors('order rod shells');
        $this->workUpTo(null, ['grind rods' => '2.2395']);
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage);
        $this->assertSame([], QueuedWork::all($this->job->machine_queue), 'nothing stands at a machine any more');
        $this->actingAs($this->inspector);
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors('sign');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    /** What is written down at the grinder and the polisher, and what is not as it has to be (JRNL-4, JRNL-7, WORK-2). */
    public function test_a_wheel_that_cuts_another_fillet_and_a_finish_that_is_too_smooth_are_named_and_do_not_close(): void
    {
        $this->receiveJob();
        $this->receiveCrankshaft();
        $this->post($this->url('plan'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();
        $this->actingAs($this->machinist);
        $this->workUpTo('grind rods.1');
        $this->get($this->url('work/at/grind%20rods.1'))->assertOk()->assertSee('Grinding log')->assertSee('Radius of the wheel');
        $this->log('grind rods.1', [])->assertStatus(422)->assertJsonValidationErrors('wheel_radius');
        $this->log('grind rods.1', ['wheel_radius' => 'as the last'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('wheel_radius');
        $this->log('harden crank', ['wheel_radius' => '.100'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('operation');
        $card = $this->log('grind rods.1', ['wheel_radius' => '.030'])
            ->assertOk()
            ->json('fragments.bench');
        $this->assertStringContainsString('Not as it has to be: radius of the wheel', $card);
        $this->tick('grind rods.1', 'done', '2.2395')->assertSessionHasErrors('grind rods.1');
        $card = $this->log('grind rods.1', ['wheel_radius' => '.100'])->assertOk()->json('fragments.bench');
        $this->assertStringContainsString('Logged, and as it has to be', $card);
        $this->tick('grind rods.1', 'done', '2.2395')->assertSessionDoesntHaveErrors();

        $this->workUpTo('polish', ['grind rods' => '2.2395']);
        $this->log('polish', ['ra_before' => '14', 'ra_after' => 'smooth'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('ra_after');
        $before = $this->log('polish', ['ra_before' => '14'])->assertOk()->json('fragments.bench');
        $this->assertStringContainsString('held against nothing', $before);
        $card = $this->log('polish', ['ra_before' => '14', 'ra_after' => '2'])
            ->assertOk()
            ->json('fragments.bench');
        $this->assertStringContainsString('Not as it has to be: Ra after', $card);
        $this->assertStringContainsString('4 to 10', preg_replace('/ µin/', '', $card) ?? '');
        $this->tick('polish')->assertSessionHasErrors('polish');
        $this->tick('polish', remark: 'the customer wants a mirror finish')->assertSessionDoesntHaveErrors();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    /** @param  array<string, string>  $typed */
    private function log(string $operation, array $typed): TestResponse
    {
        return $this->postJson($this->url('work/values'), ['ulid' => $this->ulid(), 'operation' => $operation, 'card' => '1'] + $typed);
    }

    public function test_a_block_whose_bores_nobody_chose_for_is_not_planned_without_them(): void
    {
        $this->receiveJob();
        $this->actingAs($this->person(Role::Owner))
            ->post($this->url('plan'), ['ulid' => $this->ulid()])
            ->assertSessionHasErrors(['option' => 'Choose one of the ways first.']);
    }
}
