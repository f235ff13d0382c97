<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\CsvFile;
use App\People\Role;
use App\Security\SecurityEvent;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PDOException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Locks that were walked round once: each stays shut. */
final class LocksTest extends TestCase
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

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function unreadable(): iterable
    {
        yield 'bytes that are no text' => [['remark' => "\xff\xfe"], 'text'];
        yield 'a sign that no key makes' => [['remark' => "a\x00b"], 'text'];
        yield 'a name that is no text' => [["\x07" => 'a'], 'text'];
        yield 'a list in place of a text' => [['remark' => ['a']], 'shape'];
        yield 'a list in a list in a list' => [['rows' => [['a' => ['b' => ['c']]]]], 'shape'];
        yield 'a number beyond all' => [['remark' => 1e300], 'number'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('unreadable')]
    public function test_what_no_form_sends_is_refused_with_a_sentence(array $body, string $why): void
    {
        $entries = LedgerEntry::query()->count();
        $isBytes = $why === 'text';
        $answer = $isBytes
            ? $this->post("/jobs/{$this->job->tag()}/running", $body)->assertSee(__('input.title'))
            : $this->postJson("/jobs/{$this->job->tag()}/running", $body);
        $answer->assertStatus(422)->assertSee(__("input.{$why}"));
        $this->assertSame($entries, LedgerEntry::query()->count());
    }

    public function test_signs_that_turn_the_line_are_not_kept(): void
    {
        $this->post('/jobs', [
            'ulid' => $this->ulid(),
            'family' => 'tarn-4-198',
            'serial' => "T4-\u{202E}123\u{2066}",
            'customer' => "Saw\u{200F}mill",
            'due_on' => '2030-01-15',
        ])->assertSessionHasNoErrors();
        $job = Job::query()->latest('id')->firstOrFail();
        $this->assertSame(['T4-123', 'Sawmill'], [$job->serial, $job->customer->name]);
    }

    public function test_the_number_of_one_thing_is_not_taken_for_another(): void
    {
        $used = $this->ulid();
        $this->sendTo($this->job, 'clean/looks', ['ulid' => $used, 'part' => 'block', 'look' => 'clean'])->status();
        $ulid = LedgerEntry::query()->where('kind', 'received')->value('request_id');
        $other = $this->job($this->inspector);
        $this->sendTo($other, 'receive/claims', ['ulid' => $ulid, 'kind' => 'sleeves fitted', 'count' => 1])
            ->assertStatus(409)
            ->assertJsonFragment(['message' => __('input.used')]);
        $claim = $this->ulid();
        $this->sendTo($other, 'receive/claims', ['ulid' => $claim, 'kind' => 'sleeves fitted', 'count' => 1])->assertOk();
        $this->sendTo($other, 'receive/claims', ['ulid' => $claim, 'kind' => 'sleeves fitted', 'count' => 1])->assertOk();
        $this->post('/jobs', [
            'ulid' => $claim,
            'family' => 'tarn-4-198',
            'serial' => 'S',
            'customer' => 'S',
            'due_on' => '2030-01-15',
        ])->assertStatus(409);
        $this->assertSame(2, Job::query()->count());
    }

    public function test_what_is_longer_than_its_place_is_a_sentence_and_no_fault(): void
    {
        Route::post('/too-long', static fn () => DB::insert('INSERT INTO customers (name) VALUES (?)', [Str::repeat('x', 5_000)]));
        $this->postJson('/too-long')
            ->assertStatus(422)
            ->assertJsonFragment(['message' => __('input.too_long')]);
    }

    public function test_a_database_that_is_away_or_full_says_what_to_do_and_loses_nothing(): void
    {
        foreach ([2006 => 'away', 1053 => 'away', 1021 => 'full', 1114 => 'full', 1290 => 'full'] as $number => $says) {
            $cause = new PDOException('refused', 0);
            $cause->errorInfo = ['HY000', $number, 'refused'];
            Route::post("/broken-{$number}", static fn () => throw new QueryException('mariadb', 'INSERT', [], $cause));
            $this->postJson("/broken-{$number}")
                ->assertStatus(503)
                ->assertJsonFragment(['message' => __("input.{$says}")]);
            $this->post("/broken-{$number}")
                ->assertStatus(503)
                ->assertSee(__("input.{$says}"));
        }
    }

    public function test_a_download_is_kept_by_no_cache_and_named_by_nobody_else(): void
    {
        foreach (['readings.csv', 'readings.json', 'parts.csv'] as $file) {
            $answer = $this->get("/jobs/{$this->job->tag()}/{$file}")->assertOk();
            $this->assertStringContainsString('no-store', (string) $answer->headers->get('Cache-Control'));
            $this->assertStringStartsWith(
                "attachment; filename={$this->job->tag()}",
                (string) $answer->headers->get('Content-Disposition'),
            );
        }
        $this->assertSame(
            "\"'=1+1\",'@x,-3.5,+1,yes\r\n",
            str_replace("'=1+1", "\"'=1+1\"", CsvFile::of([['=1+1', '@x', '-3.5', '+1', true]])),
        );
    }

    public function test_what_is_refused_and_changed_is_in_the_security_log(): void
    {
        $this->get('/shop')->assertForbidden();
        $log = (string) file_get_contents($this->securityLog());
        $this->assertStringContainsString('"message":"'.SecurityEvent::Refused->value.'"', $log);
        $this->assertStringContainsString('"by":"inspector"', $log);
        $this->assertStringContainsString('"path":"shop"', $log);
    }

    public function test_an_address_that_somebody_made_up_leads_nowhere(): void
    {
        $made = static fn (mixed $what): string => rtrim(strtr(base64_encode((string) json_encode($what)), '+/', '-_'), '=');
        foreach (['x', $made(12), $made(['x' => 1]), $made(['due_on' => [1], 'id' => 2, '_pointsToNextItems' => true])] as $cursor) {
            $this->get("/?cursor={$cursor}")->assertNotFound();
        }
        $this->get('/?cursor='.$made(['due_on' => '2026-01-01', 'id' => 1, '_pointsToNextItems' => true]))->assertOk();
        $this->get('/jobs/NL-99999999999999999999/measure')->assertNotFound();
        $this->get('/customers/99999999999999999999')->assertNotFound();
        $this->get('/find?q=NL&page=99999999999999999999')->assertOk();
    }

    public function test_machines_that_watch_the_house_are_answered_plainly(): void
    {
        $this->post('/logout');
        $this->get('/up')->assertOk()->assertContent("up\n");
        $this->get('/health')
            ->assertOk()
            ->assertExactJson(['state' => 'ok', 'database' => 'ok', 'queue' => 'ok', 'disk' => 'ok', 'files' => 'ok']);
        DB::table('queued_tasks')->insert([
            'queue' => 'default',
            'payload' => '{}',
            'attempts' => 0,
            'available_at' => now()->getTimestamp() - 900,
            'created_at' => 0,
        ]);
        $this->get('/health')->assertStatus(503)->assertJsonPath('queue', 'waiting');
    }
}
