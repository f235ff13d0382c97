<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\JobFiles;
use App\Record\JobSummary;
use App\Record\WorkOfJob;
use App\Stages\Work\TickOperation;
use App\Storage\Agreement;
use App\Storage\JobWork;
use App\Storage\OperationTick;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\TickState;
use Tests\TestCase;

/** What a job's row keeps of the plan that was agreed: it is what would be judged, after every entry. */
final class AgreementTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
    }

    public function test_after_every_entry_at_a_machine_the_row_says_what_would_be_judged_anew(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->machinist);
        $steps = [
            fn () => $this->tick('wash'),
            fn () => $this->at('time', 'crack check', ['state' => 'begun']),
            fn () => $this->at('time', 'crack check', ['state' => 'ended']),
            fn () => $this->tick('crack check'),
            fn () => $this->tick('wash', 'open again', remark: 'still greasy'),
            fn () => $this->tick('wash'),
            fn () => $this->workUpTo('bore.1'),
            fn () => $this->at('cuts', 'bore.1', ['size' => '3.8285']),
            fn () => $this->tick('bore.1', actual: '3.8285'),
            fn () => $this->at('flaws', 'bore.3', ['cylinder' => '3', 'look' => 'sharp line']),
            fn () => $this->at('time', 'bore.2', ['state' => 'begun']),
        ];
        foreach ($steps as $index => $step) {
            $step();
            $this->assertRowIsAsJudged("step {$index}");
        }
        $this->assertSame(Agreement::Stopped, $this->job->refresh()->agreement);
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    /** A tick is read on, whatever else makes what was agreed anew: both are what stands in the database. */
    public function test_what_was_worked_is_read_on_as_it_would_be_read_anew(): void
    {
        $this->chooseTwentyOver();
        $tick = $this->app->make(TickOperation::class);
        $said = [
            ['wash', TickState::Done, null],
            ['crack check', TickState::Done, null],
            ['wash', TickState::Open, 'still greasy'],
            ['wash', TickState::Done, null],
            ['order pistons', TickState::Done, 'they lie here'],
        ];
        foreach ($said as [$operation, $state, $remark]) {
            $written = $tick->handle($this->job->refresh(), $this->machinist, $this->ulid(), $operation, $state, '', $remark);
            $anew = $this->app->make(JobFiles::class)->open($this->job->refresh())->work();
            $told = fn (WorkOfJob $work): array => [
                $work->closedOperations(),
                array_map(static fn (OperationTick $one): string => "{$one->ulid} {$one->user->name}", $work->ticks()),
                $work->storedOrder()?->user->name,
            ];
            $this->assertSame($told($anew), $told($written->file->work()), "{$operation} {$state->value}");
        }
        $this->assertSame(['wash', 'crack check', 'order pistons'], array_slice($anew->closedOperations(), 0, 3));
    }

    public function test_a_plan_that_is_agreed_stands_until_something_is_found(): void
    {
        $this->readWorn();
        $this->assertSame(Agreement::None, $this->job->refresh()->agreement);
        DB::enableQueryLog();
        $this->assertNull(JobWork::of($this->job)->choice);
        $this->assertSame([], DB::getQueryLog(), 'nothing is asked of what was never agreed');
        DB::disableQueryLog();
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertRedirect($this->url('work'));
        $this->assertSame(Agreement::Stands, $this->job->refresh()->agreement);
        $this->key($this->job, 'bore.2.middle.thrust', '90', changes: ['reason' => 'misread', 'confirmed' => true])->assertOk();

        $this->assertSame(Agreement::Stopped, $this->job->refresh()->agreement);
        $this->assertNotSame([], $this->app->make(JobFiles::class)->open($this->job)->work()->stops());
    }

    public function test_what_is_kept_counts_under_its_own_policy_alone_and_never_for_a_signature(): void
    {
        $this->chooseTwentyOver();
        $this->at('flaws', 'bore.3', ['cylinder' => '3', 'look' => 'sharp line']);
        DB::table('jobs')->where('id', $this->job->id)->update(['agreement' => Agreement::Stands->value]);
        $open = fn () => $this->app->make(JobFiles::class)->open($this->job->refresh());
        $this->assertSame([], $open()->work()->stops(), 'as the row says');
        $this->actingAs($this->inspector)->get($this->url('release'))->assertOk()->assertSee('cylinder 3');
        DB::table('jobs')->where('id', $this->job->id)->update(['policy_revision' => 7]);
        $this->assertSame([StopReason::Undecided], array_column($open()->work()->stops(), 'reason'), 'judged under the policy in force');
        DB::table('jobs')->where('id', $this->job->id)->update(['policy_revision' => $open()->policy->revision]);
        $this->artisan('ledger:recompute')->expectsOutputToContain('agreement')->assertFailed();
    }

    public function test_a_row_from_before_is_asked_and_judged(): void
    {
        $this->chooseTwentyOver();
        $this->at('flaws', 'bore.3', ['cylinder' => '3', 'look' => 'sharp line']);
        DB::table('jobs')->where('id', $this->job->id)->update(['agreement' => null]);
        $work = $this->app->make(JobFiles::class)->open($this->job->refresh())->work();
        $this->assertNotNull($work->choice());
        $this->assertNotSame([], $work->stops());
        $this->artisan('ledger:recompute')->assertSuccessful();
        $this->assertSame(Agreement::Stopped, $this->job->refresh()->agreement, 'and gets it');
    }

    private function assertRowIsAsJudged(string $when): void
    {
        $job = $this->job->refresh();
        $job->fill(JobSummary::of($this->app->make(JobFiles::class)->open((clone $job)->forceFill(['agreement' => null])))->columns());
        $this->assertSame([], $job->getDirty(), $when);
    }

    /** @param  array<string, string>  $data */
    private function at(string $page, string $operation, array $data): void
    {
        $this->postJson($this->url("work/{$page}"), ['ulid' => $this->ulid(), 'operation' => $operation] + $data)->assertOk();
    }
}
