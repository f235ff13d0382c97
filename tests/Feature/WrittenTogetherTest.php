<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\AskBack;
use App\Ledger\Ledger;
use App\People\Role;
use App\Sheet\ReadingEntry;
use App\Sheet\RecordReading;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Reading;
use App\Storage\SheetName;
use App\Storage\User;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Places\Place;
use RuntimeException;
use Tests\TestCase;

/** What is written into a job in one go is all of it or nothing, and the lists show what follows from all of it. */
final class WrittenTogetherTest extends TestCase
{
    private const SIX = ['top.thrust' => '9.4', 'top.inline' => '6.0', 'middle.thrust' => '5.5', 'middle.inline' => '4.1'];

    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->actingAs($this->inspector);
        $this->job = $this->job($this->inspector);
        $this->stateSetup($this->job)->assertOk();
    }

    public function test_every_reading_has_its_entry_and_the_lists_show_what_follows_from_all(): void
    {
        $before = $this->entries();
        $this->ledger()->together($this->job->id, function (): void {
            foreach (self::SIX as $place => $text) {
                $this->read("bore.1.{$place}", $text);
            }
        });
        $this->assertSame($before + count(self::SIX), $this->entries());
        $this->assertSame(count(self::SIX), Reading::query()->where('job_id', $this->job->id)->count());
        $shown = $this->job->refresh()->only(['verdict', 'stage', 'headline', 'waits_for', 'standings']);
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();

        $one = $this->job($this->inspector);
        $this->stateSetup($one)->assertOk();
        foreach (self::SIX as $place => $text) {
            $this->key($one, "bore.1.{$place}", $text)->assertOk();
        }
        $this->assertSame($one->refresh()->only(array_keys($shown)), $shown, 'as if they had been keyed one by one');
    }

    public function test_what_is_asked_back_leaves_the_others_standing(): void
    {
        $asked = $this->ledger()->together($this->job->id, function (): int {
            $asked = 0;
            foreach (['top.thrust' => '9.4', 'top.inline' => 'nonsense', 'middle.thrust' => '5.5'] as $place => $text) {
                try {
                    $this->read("bore.1.{$place}", $text);
                } catch (AskBack) {
                    $asked++;
                }
            }

            return $asked;
        });
        $this->assertSame([1, 2], [$asked, Reading::query()->where('job_id', $this->job->id)->count()]);
        $this->artisan('ledger:verify')->assertSuccessful();
    }

    public function test_what_breaks_off_in_the_middle_leaves_nothing(): void
    {
        $before = [$this->entries(), $this->job->refresh()->head_hash];
        try {
            $this->ledger()->together($this->job->id, function (): void {
                $this->read('bore.1.top.thrust', '9.4');
                throw new RuntimeException('the power went');
            });
        } catch (RuntimeException $exception) {
            $this->assertSame('the power went', $exception->getMessage());
        }
        $this->assertSame($before, [$this->entries(), $this->job->refresh()->head_hash]);
        $this->assertSame(0, Reading::query()->where('job_id', $this->job->id)->count());

        $this->key($this->job, 'bore.1.top.thrust', '9.4')->assertOk();
        $this->assertNotSame('', $this->job->refresh()->headline, 'what is written alone is shown at once again');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_another_job_that_is_written_meanwhile_shows_what_follows_at_once(): void
    {
        $other = $this->job($this->inspector);
        $this->stateSetup($other)->assertOk();
        $was = $other->refresh()->waits_for;
        $this->ledger()->together($this->job->id, function () use ($other): void {
            $this->record()->handle($other, $this->inspector, $this->entry('bore.1.top.thrust', '9.4'));
        });
        $this->assertNotSame($was, $other->refresh()->waits_for);
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_it_is_one_transaction(): void
    {
        $depths = $this->ledger()->together(
            $this->job->id,
            fn (): array => [DB::transactionLevel(), $this->ledger()->together($this->job->id, DB::transactionLevel(...))],
        );
        $this->assertSame($depths[0], $depths[1], 'within one another they are one');
    }

    private function ledger(): Ledger
    {
        return $this->app->make(Ledger::class);
    }

    private function record(): RecordReading
    {
        return $this->app->make(RecordReading::class);
    }

    private function read(string $place, string $text): void
    {
        $this->record()->handle($this->job, $this->inspector, $this->entry($place, $text));
    }

    private function entry(string $place, string $text): ReadingEntry
    {
        return new ReadingEntry($this->ulid(), SheetName::bores(), Place::parse($place), $text, null, false, false, null);
    }

    private function entries(): int
    {
        return LedgerEntry::query()->where('job_id', $this->job->id)->count();
    }
}
