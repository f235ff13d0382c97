<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Package\ImportPackage;
use App\Package\JobPackage;
use App\People\Role;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\Recall;
use App\Storage\Stage;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Queue;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Inspection\Section;
use PHPUnit\Framework\Attributes\Group;
use Tests\TestCase;

/** The demo shop shows what it is there to show. */
final class DemoShopTest extends TestCase
{
    use EmptyHouse;
    use TrueSentences;

    #[Group('slow')]
    public function test_the_demo_jobs_stand_where_they_should_and_their_ledgers_hold(): void
    {
        Queue::fake();
        $this->artisan('ledger:demo')->assertSuccessful();
        $this->artisan('ledger:demo')->expectsOutput('There are people in this shop already; nothing was laid out.')->assertSuccessful();
        $this->artisan('ledger:verify')->expectsOutput('36 ledgers walked, every chain is whole.')->assertSuccessful();
        $this->artisan('ledger:recompute')
            ->expectsOutput('36 stored verdicts agree with the recomputed ones, 0 differ.')
            ->assertSuccessful();

        $standing = $engines = [];
        foreach (Job::query()->orderBy('id')->get() as $job) {
            $standing[$job->serial] = [$job->stage, $job->verdict];
            $engines[$job->serial] = $job->engine_verdict;
        }
        $this->assertSame([Stage::Release, 'recondition'], $standing['BV-20417'], 'released');
        $this->assertSame(
            [Stage::Measure, 'recondition'],
            $standing['T4-11862'],
            'one cylinder condemns the size, and a trace of it decides which is next',
        );
        $this->assertSame([Stage::Plan, 'repair'], $standing['F6-0093'], 'two cylinders better sleeved');
        $this->assertSame([Stage::Measure, 'not yet known'], $standing['T4-20551'], 'being measured');
        $this->assertSame([Stage::Plan, 'serviceable'], $standing['T4-31007'], 'can simply be honed');
        $this->assertSame([Stage::Work, 'recondition'], $standing['BV-20988'], 'being worked');
        $this->assertSame([Stage::Verify, 'recondition'], $standing['T4-08840'], 'finished but out');
        foreach (['F6-0311', 'BV-31740', 'F6-0342', 'T4-36120'] as $serial) {
            $this->assertSame(Stage::Work, $standing[$serial][0], $serial);
        }
        $this->assertSame(Stage::Plan, $standing['T4-36455'][0], 'a bore that did not clean up opened the plan again');

        $this->assertSame([Stage::Judge, 'scrap'], $standing['SF-3306'], 'a scrapped magnesium case');
        $this->assertSame([Stage::Cracks, 'not yet known'], $standing['CL-0877'], 'cracked, waiting for the customer');
        $this->assertSame([Stage::Measure, 'not yet known'], $standing['Q3-52210'], 'only contamination');
        $this->assertSame([Stage::Cracks, 'not yet known'], $standing['BV-21340'], 'developer on the block');
        $this->assertSame([Stage::Measure, 'not yet known'], $standing['T4-29914'], 'read with a gauge that drifted');
        $this->assertSame([Stage::Plan, 'recondition'], $standing['F6-0207'], 'heavy wear of number one, traced');
        $this->assertSame([Stage::Measure, 'not yet known'], $standing['CL-00718'], 'form alone, its zero has no size');
        $this->assertSame(
            ['with machining', 'with machining', 'no', 'not yet known'],
            [$engines['BV-30117'], $engines['SF-00552'], $engines['SF-3306'], $engines['T4-31007']],
            'the engines as a whole',
        );
        $whole = $this->app->make(JobFiles::class)->open(Job::query()->where('serial', 'BV-30117')->firstOrFail());
        $this->assertSame(
            [254_000, 508_000],
            array_map(static fn ($work): ?int => $work->step?->nanometres, $whole->inspection()->judged(Section::Crankshaft)->works),
            'mains and rod journals need different steps',
        );
        $this->assertSame(
            [
                'T4-17733' => 'the customer: the sleeve of cylinder 4',
                'CL-0877' => 'the customer: repair with seat insert, deck, valve seat to bore, cylinder 2',
                'CL-01193' => 'the customer: an answer to offer 1 by '.Carbon::today()->subDays(3)->format('j M'),
                'T4-17220' => 'the customer: sleeve, deck, bore wall, cylinder 3',
            ],
            Job::query()->where('is_held', true)->orderBy('id')->pluck('waits_for', 'serial')->all(),
        );
        $this->assertSame(['BV-21340'], Job::query()->whereNotNull('timer_due_at')->pluck('serial')->all());

        $this->assertSame(
            'bore 1016000',
            $this->recommended('T4-11862')->key(),
            'cylinder 3 alone forces it past the first size, and past the second as long as nobody traced it',
        );
        $sleeved = $this->recommended('F6-0093');
        $this->assertSame([[2, 5], 2], [$sleeved->sleeved, $sleeved->sizesRemaining]);
        $this->assertSame([], $this->recommended('T4-31007')->sleeved);
        $tried = array_sum(
            Job::query()
                ->get()
                ->map(fn (Job $job): int => $this->assertSentencesAreTrue($this->app->make(JobFiles::class)->open($job)))
                ->all(),
        );
        $this->assertGreaterThan(10, $tried, 'sentences that say what would change a verdict');
        $this->assertEveryJobGoesOutAndIn();
    }

    /** Into a house that knows none of its people, and out of it again as the same text. */
    private function assertEveryJobGoesOutAndIn(): void
    {
        $packages = array_map($this->exported(...), Job::query()->orderBy('id')->pluck('id')->all());
        $verdicts = Job::query()->orderBy('id')->pluck('engine_verdict')->all();
        $this->forgetEverything();
        $owner = $this->person(Role::Owner);
        $import = $this->app->make(ImportPackage::class);
        foreach ($packages as $package) {
            $job = $import->handle(JobPackage::fromJson($package), $owner);
            $this->assertSame($package, $this->exported($job->id), $job->serial);
            // By itself: the seals are of the house that it came from.
            $this->artisan('ledger:verify', ['tag' => $job->tag()])->assertSuccessful();
        }
        $this->assertSame($verdicts, Job::query()->orderBy('id')->pluck('engine_verdict')->all());
        $this->assertGreaterThan(0, Recall::query()->count(), 'what came up after a release comes along');
    }

    private function exported(int $job): string
    {
        return (string) JobPackage::of($job, ...$this->books())?->toJson();
    }

    private function recommended(string $serial): ReboreOption
    {
        $job = Job::query()->where('serial', $serial)->firstOrFail();
        $option = $this->app->make(JobFiles::class)->open($job)->assessment()->recommendation?->option;
        $this->assertInstanceOf(ReboreOption::class, $option);

        return $option;
    }
}
