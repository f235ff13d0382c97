<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\ThumbTab;
use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\PolicyBook;
use App\Storage\Stage;
use App\Storage\User;
use Illuminate\Support\Carbon;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the early stages have in common: who may write, what the Bench and the journal show of them, and what a release closes. */
final class EarlyStagesTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector, 'fell-6-d', null);
        $this->actingAs($this->inspector);
    }

    /** @return iterable<string, array{Role, string, array<string, mixed>, int}> */
    public static function writers(): iterable
    {
        $part = ['part' => 'rods', 'state' => 'present'];
        $item = ['item' => 'caps', 'state' => 'fine'];
        $mark = ['face' => 'deck', 'zone' => 'outer water jacket', 'points' => '5,5', 'look' => 'diffuse'];
        yield 'the counter counts in' => [Role::FrontCounter, 'receive/parts', $part, 200];
        yield 'the counter does not check' => [Role::FrontCounter, 'clean/items', $item, 403];
        yield 'the counter places no cracks' => [Role::FrontCounter, 'cracks/indications', $mark, 403];
        yield 'the machinist counts nothing in' => [Role::Machinist, 'receive/parts', $part, 403];
        yield 'the machinist places no cracks' => [Role::Machinist, 'cracks/indications', $mark, 403];
        yield 'the machinist speaks for no customer' => [
            Role::Machinist,
            'receive/sleeves/customer',
            ['cylinder' => 1, 'answer' => 'accepted', 'how' => 'x'],
            403,
        ];
        yield 'the inspector checks' => [Role::Inspector, 'clean/items', $item, 200];
        yield 'the owner places a mark' => [Role::Owner, 'cracks/indications', $mark, 200];
    }

    /** @param  array<string, mixed>  $form */
    #[DataProvider('writers')]
    public function test_everybody_reads_and_each_role_writes_its_own(Role $role, string $path, array $form, int $status): void
    {
        $this->actingAs($role === Role::Inspector ? $this->inspector : $this->person($role));
        foreach (['receive', 'clean', 'cracks'] as $stage) {
            $this->get("/jobs/{$this->job->tag()}/{$stage}")->assertOk();
        }
        $this->sendTo($this->job, $path, $form)->assertStatus($status);
        $this->assertSame($status === 200 ? 2 : 1, LedgerEntry::query()->count());
    }

    public function test_without_a_log_in_nothing_is_read_or_written(): void
    {
        $this->post('/logout');
        foreach (['receive', 'clean', 'cracks', 'tag', 'live/cracks'] as $page) {
            $this->get("/jobs/{$this->job->tag()}/{$page}")->assertRedirect('/login');
        }
        $this->sendTo($this->job, 'clean/items', ['item' => 'caps', 'state' => 'fine'])->assertUnauthorized();
        $this->get('/specs')->assertRedirect('/login');
        $this->get('/seen?serial=S')->assertRedirect('/login');
    }

    public function test_a_stage_is_ticked_when_nothing_of_it_is_lacking(): void
    {
        $this->assertSame([], $this->ticked());
        foreach ($this->file()->record->precheck()->checklist->items as $item) {
            $this->sendTo($this->job, 'clean/items', [
                'item' => $item->key,
                'state' => 'fine',
                'wash' => 'jet washer, mild detergent',
            ])->assertOk();
        }
        $this->assertSame([Stage::Clean], $this->ticked());
        $this->sendTo($this->job, 'clean/items', ['item' => 'caps', 'state' => 'not checked'])->assertOk();
        $this->assertSame([], $this->ticked());
    }

    public function test_measuring_before_anything_is_counted_in_is_allowed_and_moves_the_job_on(): void
    {
        $this->assertSame(Stage::Receive, $this->job->refresh()->stage);
        $this->stateSetup($this->job, changes: ['zero' => '103.000']);
        $this->key($this->job, 'bore.1.top.thrust', '3')->assertOk();
        $this->assertSame(Stage::Measure, $this->job->refresh()->stage);
    }

    public function test_every_kind_of_entry_is_told_in_the_journal_in_words(): void
    {
        $this->sendTo($this->job, 'receive/parts', ['part' => 'rods', 'state' => 'damaged', 'remark' => 'bent']);
        $this->sendTo($this->job, 'receive/claims', ['kind' => 'deck faced', 'where' => 'deck']);
        $this->sendTo($this->job, 'receive/sleeves', ['cylinder' => 2, 'kind' => 'flanged']);
        $this->sendTo($this->job, 'receive/found', ['kind' => 'welded', 'count' => 2]);
        $this->sendTo($this->job, 'clean/items', ['item' => 'wash.block', 'wash' => 'solvent tank']);
        $this->sendTo($this->job, 'cracks/checks', [
            'part' => 'block',
            'method' => 'dye penetrant',
            'surface' => 'machined',
            'temperature' => 20,
        ]);
        $this->sendTo($this->job, 'cracks/steps', [
            'run' => Observation::query()->where('kind', 'crack check')->sole()->subject,
            'step' => 'clean',
        ]);
        $this->sendTo($this->job, 'cracks/indications', [
            'face' => 'front',
            'zone' => 'case',
            'points' => '400,400',
            'look' => 'dots in a line',
        ]);
        $this->sendTo($this->job, 'cracks/places', ['number' => 6]);

        $page = $this->get("/jobs/{$this->job->tag()}/history")->assertOk();
        foreach (
            [
                'rods · damaged · 6 · bent',
                'deck faced · deck',
                'cylinder 2 · flanged',
                'welded · 2',
                'Block washed · solvent tank',
                'dye penetrant · block',
                'front · case · dots in a line',
                'right side · ',
            ] as $told
        ) {
            $page->assertSee($told);
        }
        $this->assertSame(10, LedgerEntry::query()->count());
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_the_dwell_follows_the_school_of_the_shop(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        foreach (['short' => '10:10', 'long' => '10:30'] as $school => $due) {
            $this->actingAs($this->person(Role::Owner, "owner {$school}"));
            $this->post('/shop', $this->shop($school))->assertSessionDoesntHaveErrors();
            $job = $this->job($this->inspector);
            $run = $this->ulid();
            $this->sendTo($job, 'cracks/checks', [
                'ulid' => $run,
                'part' => 'block',
                'method' => 'dye penetrant',
                'surface' => 'machined',
                'temperature' => 20,
            ])->assertOk();
            $this->sendTo($job, 'cracks/steps', ['run' => $run, 'step' => 'clean'])->assertOk();
            $this->sendTo($job, 'cracks/steps', ['run' => $run, 'step' => 'penetrant'])->assertOk();
            $this->assertSame($due, $job->refresh()->timer_due_at?->format('H:i'), $school);
        }
        Carbon::setTestNow();
    }

    public function test_a_check_that_was_begun_keeps_its_dwell_when_the_shop_changes_its_school(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        $run = $this->ulid();
        $this->sendTo($this->job, 'cracks/checks', [
            'ulid' => $run,
            'part' => 'block',
            'method' => 'dye penetrant',
            'surface' => 'machined',
            'temperature' => 20,
        ])->assertOk();
        $this->actingAs($this->person(Role::Owner));
        $this->post('/shop', $this->shop('long'))->assertSessionDoesntHaveErrors();
        $this->sendTo($this->job, 'cracks/steps', ['run' => $run, 'step' => 'clean'])->assertOk();
        $this->sendTo($this->job, 'cracks/steps', ['run' => $run, 'step' => 'penetrant'])->assertOk();
        $this->assertSame('10:10', $this->job->refresh()->timer_due_at?->format('H:i'));
        Carbon::setTestNow();
    }

    public function test_a_released_job_takes_no_more_observations(): void
    {
        $this->job->update(['is_closed' => true]);
        $this->sendTo($this->job, 'receive/parts', ['part' => 'rods', 'state' => 'present'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['ulid' => 'released']);
        $this->get("/jobs/{$this->job->tag()}/cracks")
            ->assertOk()
            ->assertDontSee('Begin a check');
    }

    public function test_a_form_without_a_number_of_its_own_or_with_a_strange_one_writes_nothing(): void
    {
        foreach ([null, '', 'x', str_repeat('Z', 27)] as $ulid) {
            $this->postJson("/jobs/{$this->job->tag()}/receive/parts", ['ulid' => $ulid, 'part' => 'rods', 'state' => 'present'])
                ->assertUnprocessable()
                ->assertJsonValidationErrors('ulid');
        }
        $this->assertSame(1, LedgerEntry::query()->count());
    }

    public function test_an_age_that_cannot_be_is_taken_for_now(): void
    {
        Carbon::setTestNow('2030-05-05 10:00:00');
        foreach ([-5_000 => '10:00', 'soon' => '10:00', 90_000 => '09:58', PHP_INT_MAX => '10:00'] as $age => $at) {
            $this->sendTo($this->job, 'cracks/indications', [
                'face' => 'front',
                'zone' => 'case',
                'points' => '400,400',
                'look' => 'diffuse',
                'age_ms' => $age,
            ])->assertOk();
            $this->assertSame($at, Observation::query()->latest('id')->firstOrFail()->happened_at->format('H:i'), (string) $age);
        }
        Carbon::setTestNow();
    }

    public function test_what_is_kept_of_the_early_stages_is_of_one_policy(): void
    {
        $this->sendTo($this->job, 'receive/parts', ['part' => 'rods', 'state' => 'present']);
        $this->assertSame('', $this->job->refresh()->early_done);
        // As if everything had been done under the policy that was in force then.
        $this->job->forceFill(['early_done' => 'receive clean'])->save();
        $this->assertSame([Stage::Receive, Stage::Clean], $this->ticked());
        $policies = $this->app->make(PolicyBook::class);
        $policies->add(array_diff_key($policies->document(0), ['revision' => true]), $this->person(Role::Owner)->id);
        $this->app->forgetScopedInstances();
        $this->assertSame([], $this->ticked());
    }

    /** @return list<Stage> */
    private function ticked(): array
    {
        return array_values(
            array_map(
                static fn (ThumbTab $tab): Stage => $tab->stage,
                array_filter(ThumbTab::all($this->file()), static fn (ThumbTab $tab): bool => $tab->isDone),
            ),
        );
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }

    /** @return array<string, mixed> */
    private function shop(string $school): array
    {
        return [
            'preference' => 'balanced',
            'order_of_work' => 'deck first',
            'own_work' => 'warned',
            'crack_dwell' => $school,
            'price' => [
                'setup' => '60',
                'bore' => '45',
                'hone' => '15',
                'sleeve' => '190',
                'rings' => '22',
                'piston' => '62',
                'block' => '1800',
                'cylinder' => '210',
            ],
            'minutes' => ['setup' => 60, 'bore' => 35, 'hone' => 20, 'sleeve' => 90],
            'decision_rule' => ['incoming' => 'simple', 'final' => 'simple'],
            'check_back' => ['readings' => '40', 'minutes' => '120'],
        ];
    }
}
