<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Ledger\ChainCheck;
use App\People\Role;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\User;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Engine\Specification\EnginePart;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Whoever writes into the database beside the house is found out, whatever he changes. */
final class TamperingTest extends TestCase
{
    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $inspector = $this->person(Role::Inspector);
        $this->person(Role::Machinist);
        $this->actingAs($inspector);
        $this->job = $this->job($inspector);
        $this->stateSetup($this->job);
        $this->stateSetup($this->job, changes: ['zero' => '3.8130']);
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $this->key($this->job, 'bore.1.top.thrust', '3.3', changes: ['reason' => 'misread'])->assertOk();
        $this->crackCheck($this->job, $inspector, EnginePart::Block);
        $this->sendTo($this->job, 'receive/claims', ['kind' => 'sleeves fitted', 'count' => 1])->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '0.0'])->assertOk();
        $this->job->refresh();
        $this->assertNull($this->app->make(ChainCheck::class)->complaint($this->job));
    }

    /** @return iterable<string, array{string}> */
    public static function rewritten(): iterable
    {
        $changes = [
            'a size' => 'UPDATE readings SET value_nm = value_nm - 25400 ORDER BY id LIMIT 1',
            'what was typed' => "UPDATE readings SET typed = '0.1' ORDER BY id LIMIT 1",
            'a reason' => "UPDATE readings SET reason = 'dirt' WHERE reason IS NOT NULL",
            'where it was read' => "UPDATE readings SET place = 'bore.2.top.thrust' ORDER BY id LIMIT 1",
            'which gauge it was read with' => 'UPDATE readings SET setup_id = (SELECT MIN(id) FROM setups) WHERE setup_id IS NOT NULL',
            'what it takes the place of' => 'UPDATE readings SET supersedes_id = NULL',
            'when it was read' => "UPDATE readings SET created_at = '2020-01-01 00:00:00' ORDER BY id LIMIT 1",
            'who read it' => "UPDATE readings SET user_id = (SELECT id FROM users WHERE login = 'machinist') ORDER BY id LIMIT 1",
            'a reading gone' => 'DELETE FROM readings WHERE supersedes_id IS NOT NULL',
            'a zero' => 'UPDATE setups SET zero_nm = zero_nm + 25400 LIMIT 1',
            'a condition' => 'UPDATE setups SET torque_plate = 1 - torque_plate LIMIT 1',
            'a gauge' => "UPDATE setups SET instrument = 'another' LIMIT 1",
            'an answer of a check' => "UPDATE observations SET said = REPLACE(said, '18', '19') WHERE kind = 'crack check'",
            'when a step was done' => "UPDATE observations SET happened_at = '2020-01-01' LIMIT 1",
            'a claim gone' => "DELETE FROM observations WHERE kind = 'claim'",
            'a claim of something else' => "UPDATE observations SET subject = CONCAT(subject, 'x') WHERE kind = 'claim'",
            'a check-back' => "UPDATE check_backs SET typed = '9.9'",
            'a check-back gone' => 'DELETE FROM check_backs',
            'the serial' => "UPDATE jobs SET serial = 'ANOTHER'",
            'what it was declared to be' => 'UPDATE jobs SET declared_step_nm = 254000',
            'what the customer wished' => "UPDATE jobs SET wishes = 'nothing'",
            'an entry' => "UPDATE ledger_entries SET payload = REPLACE(payload, '3.3', '3.4')",
            'an entry gone' => 'DELETE FROM ledger_entries ORDER BY id DESC LIMIT 1',
            'the last hash' => "UPDATE jobs SET head_hash = REPEAT('a', 64)",
            'a reading that nobody wrote' =>
                'INSERT INTO readings (ulid, job_id, sheet, place, series, typed, value_nm, user_id, created_at) '.
                "SELECT REPEAT('Z', 26), job_id, sheet, 'bore.3.top.thrust', 1, '1.0', 0, user_id, NOW() FROM readings LIMIT 1",
        ];
        foreach ($changes as $name => $sql) {
            yield $name => [$sql];
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function rewrittenBooks(): iterable
    {
        yield 'a policy' => ["UPDATE policy_revisions SET policy = REPLACE(policy, '1', '2')", 'policy revisions'];
        yield 'a sheet' => ["UPDATE specification_revisions SET document = REPLACE(document, 'Tarn', 'Torn')", 'specification revisions'];
        yield 'who came in' => ["UPDATE people_events SET role = 'machinist'", 'people events'];
        yield 'a calibration' => ['DELETE FROM gauge_events', 'gauge events'];
    }

    #[DataProvider('rewrittenBooks')]
    public function test_a_book_that_was_sealed_is_not_rewritten(string $sql, string $book): void
    {
        $this->actingAs($this->person(Role::Owner));
        $policy = $this->app->make(PolicyBook::class)->document(0);
        $this->app->make(PolicyBook::class)->add(array_diff_key($policy, ['revision' => 0]), User::query()->firstOrFail()->id);
        $this->post('/specs/tarn-4-198/copies', ['name' => 'Tarn short'])->assertSessionHasNoErrors();
        $gauge = ['tag' => 'G-1', 'name' => 'a gauge', 'kind' => 'dial bore gauge .0001', 'unit' => 'in', 'due_on' => '2031-01-01'];
        $this->post('/gauges', $gauge + ['ulid' => $this->ulid()])->assertSessionHasNoErrors();
        $this->artisan('ledger:seal')->assertSuccessful();
        $this->post('/specs/tarn-4-198/copies', ['name' => 'Tarn long'])->assertSessionHasNoErrors();
        $this->post('/specs/tarn-short/removal')->assertSessionHasNoErrors();
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->rewrite($sql);
        $this->artisan('ledger:verify')->expectsOutputToContain($book)->assertFailed();
    }

    public function test_the_database_itself_refuses_to_change_what_only_grows(): void
    {
        foreach (['UPDATE readings SET typed = 1', 'DELETE FROM ledger_entries', 'DELETE FROM observations'] as $sql) {
            try {
                DB::statement($sql);
                $this->fail("{$sql} was done");
            } catch (QueryException $refused) {
                $this->assertStringContainsString('only ever grows', $refused->getMessage());
            }
        }
        $this->assertNull($this->app->make(ChainCheck::class)->complaint($this->job->refresh()));
    }

    public function test_whoever_is_let_in_or_changed_is_written_down_by_the_database_whatever_the_way(): void
    {
        $inspector = User::query()->where('login', 'inspector')->firstOrFail();
        $told = static fn (): array => DB::table('people_events')->where('user_id', $inspector->id)->orderBy('id')->pluck('role')->all();
        $this->assertSame(['inspector'], $told());
        DB::statement('UPDATE users SET logged_in_at = NOW() WHERE id = ?', [$inspector->id]);
        $this->assertSame(['inspector'], $told(), 'a log-in changes nobody');
        DB::statement("UPDATE users SET role = 'owner' WHERE id = ?", [$inspector->id]);
        $this->assertSame(['inspector', 'owner'], $told());
        $inspector->refresh()->update(['password' => 'another-password-of-his']);
        $this->assertSame(['inspector', 'owner', 'owner'], $told());
        $this->artisan('ledger:verify')->assertSuccessful();

        $this->rewrite("DELETE FROM people_events WHERE user_id = {$inspector->id} ORDER BY id DESC LIMIT 1");
        $this->artisan('ledger:verify')->expectsOutputToContain('is not as was written down last')->assertFailed();
    }

    #[DataProvider('rewritten')]
    public function test_what_is_rewritten_beside_the_house_is_found(string $sql): void
    {
        $this->rewrite($sql);
        $this->artisan('ledger:verify')->assertFailed();
        $this->assertNotNull($this->app->make(ChainCheck::class)->complaint($this->job->refresh()));
    }

    /** As somebody does who has the database and knows his way. */
    private function rewrite(string $sql): void
    {
        $changed = $this->besideTheHouse(static fn (): int => DB::affectingStatement($sql));
        $this->assertGreaterThan(0, $changed, 'something was changed');
    }
}
