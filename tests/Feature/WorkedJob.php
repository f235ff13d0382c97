<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Stages\Receive\ReceiveJob;
use App\Storage\Job;
use App\Storage\User;
use Database\Seeders\DemoIncoming;
use Database\Seeders\DemoParts;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\OperationKind;

/** A worn block that is bored +.020, from its readings to the finished ones. */
trait WorkedJob
{
    private const WORN = ['6.1', '3.2', '3.9', '2.2', '0.8', '0.6'];

    private const ROUND = ['0.2', '0.3', '0.2', '0.3', '0.2', '0.2'];

    private User $inspector;

    private User $machinist;

    private Job $job;

    protected function receiveJob(): void
    {
        Queue::fake();
        $this->inspector = $this->person(Role::Inspector);
        $this->machinist = $this->person(Role::Machinist);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
    }

    /** A crankshaft alone, one of its rod journals scored. */
    protected function receiveCrankshaft(): void
    {
        $this->job = $this->app->make(ReceiveJob::class)->handle($this->inspector, $this->ulid(), [
            'family' => 'tarn-4-198',
            'family_revision' => 1,
            'serial' => 'C-1',
            'arrival' => Arrival::CrankshaftOnly->value,
            'customer' => 'Brickworks',
            'description' => 'a crankshaft alone',
            'wishes' => null,
            'due_on' => '2030-01-15',
            'declared_step_nm' => null,
            'declared_evidence' => null,
        ]);
        $at = Carbon::yesterday()->setTime(13, 0);
        $this->app->make(DemoIncoming::class)->magneticCheck($this->job, $this->inspector, EnginePart::Crankshaft, $at);
        $this->app->make(DemoParts::class)->read($this->job, $this->inspector, [Section::Crankshaft], ['pinscore.2' => '.0020'], 41);
    }

    protected function url(string $page): string
    {
        return "/jobs/{$this->job->tag()}/{$page}";
    }

    protected function readWorn(): void
    {
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, self::WORN);
        }
    }

    protected function chooseTwentyOver(): void
    {
        $this->readWorn();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertRedirect($this->url('work'));
    }

    protected function workAll(?User $by = null): void
    {
        $this->actingAs($by ?? $this->machinist);
        $this->workUpTo(null);
    }

    /**
     * Closes whatever is open, as the order has it; the sizes of the pistons are taken from their list.
     *
     * @param  ?string  $key  Where it stops; null: all of it
     * @param  array<string, string>  $sizes  By kind
     */
    protected function workUpTo(?string $key, array $sizes = ['bore' => '3.8285', 'hone' => '3.8327']): void
    {
        $work = app(JobFiles::class)->open($this->job->refresh())->work();
        $closed = $work->closedOperations();
        foreach ($work->order()->operations ?? [] as $one => $operation) {
            if ($one === $key) {
                return;
            }
            if (! in_array($one, $closed, true)) {
                $isLeftOut = in_array($operation->kind, [OperationKind::Deck, OperationKind::PistonsMeasured], true);
                $state = $isLeftOut ? 'not needed' : 'done';
                $this->tick($one, $state, $sizes[$operation->kind->value] ?? '')->assertSessionDoesntHaveErrors();
            }
        }
    }

    /**
     * @param  array<string, mixed>  $setup
     * @param  list<string>  $first
     */
    protected function readFinished(array $setup = [], array $first = self::ROUND): void
    {
        $this->stateSetup($this->job, 'bores.final', $setup + ['zero' => '3.8325'])->assertOk();
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, $cylinder === 1 ? $first : self::ROUND, 'bores.final');
        }
        $this->weighPistons();
    }

    /** The new ones, where they are not weighed yet. */
    private function weighPistons(): void
    {
        $parts = app(JobFiles::class)->open($this->job->refresh())->work()->verification()->parts();
        foreach (isset($parts['pistons']) ? $parts['pistons']->missing : [] as $place) {
            $weight = ['place' => $place->key, 'text' => '612.4'];
            $this->sendTo($this->job, 'sheets/weights.final/readings', $weight)->assertOk();
        }
    }

    protected function tick(string $key, string $state = 'done', string $actual = '', ?string $remark = null): TestResponse
    {
        return $this->post($this->url('work'), [
            'ulid' => $this->ulid(),
            'operation' => $key,
            'state' => $state,
            'actual' => $actual,
            'remark' => $remark,
        ]);
    }
}
