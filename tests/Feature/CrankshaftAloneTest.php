<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Storage\QueuedWork;
use App\Storage\Stage;
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
        $this->get($this->url('plan'))
            ->assertSee('no bores came with it')
            ->assertSee('Choose this plan')
            ->assertDontSee('Gasket');
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

    public function test_a_block_whose_bores_nobody_chose_for_is_not_planned_without_them(): void
    {
        $this->receiveJob();
        $this->actingAs($this->person(Role::Owner))
            ->post($this->url('plan'), ['ulid' => $this->ulid()])
            ->assertSessionHasErrors(['option' => 'Choose one of the ways first.']);
    }
}
