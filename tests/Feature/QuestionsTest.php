<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Cluster\RetryingConnection;
use App\People\Role;
use App\Storage\EntryKind;
use App\Storage\JobTables;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\Questions;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use PDO;
use PDOException;
use Tests\TestCase;

/** What goes to the database in one round trip, and a transaction that begins with the first question in it. */
final class QuestionsTest extends TestCase
{
    public function test_everything_asked_goes_in_one_trip_in_its_order_once_an_answer_is_wanted(): void
    {
        $questions = new Questions();
        $one = $questions->ask('SELECT 1 AS n UNION SELECT ?', [2]);
        $none = $questions->ask('DO 1', []);
        $text = $questions->ask('SELECT ? AS said', ['a; b?']);
        $trips = $this->questions(function () use ($questions, $one, $none, $text): void {
            $this->assertSame('a; b?', $text()[0]->said);
            $this->assertSame([1, 2], array_column($one(), 'n'));
            $this->assertSame([], $none());
            $questions->send();
        });
        $this->assertSame(1, $trips);

        $later = $questions->ask('SELECT 3 AS n', []);
        $this->assertSame(1, $this->questions(fn () => $this->assertSame(3, $later()[0]->n)));
        $this->assertSame([1, 2], array_column($one(), 'n'), 'an answer is kept');
        $this->assertSame(0, $this->questions(static fn () => (new Questions())->send()), 'nothing asked, nothing sent');
    }

    public function test_what_the_database_refuses_is_told_whichever_statement_it_was(): void
    {
        $person = $this->person(Role::Inspector);
        $job = $this->job($person);
        $first = LedgerEntry::query()->where('job_id', $job->id)->firstOrFail();
        $again = (new LedgerEntry())->setRawAttributes(array_diff_key($first->getAttributes(), ['id' => true]));
        $questions = new Questions();
        $questions->ask('SELECT 1', []);
        $questions->insert($again);
        $questions->ask('SELECT 2', []);
        try {
            $questions->send();
            $this->fail('The number of an entry is unique.');
        } catch (QueryException $exception) {
            $this->assertSame(1062, $exception->errorInfo[1] ?? null);
        }
        $this->assertSame(1, LedgerEntry::query()->where('job_id', $job->id)->count());
    }

    public function test_a_row_that_is_kept_is_the_row_that_would_be_read(): void
    {
        $person = $this->person(Role::Inspector);
        $job = $this->job($person);
        $kept = Observation::keep([
            'ulid' => $this->ulid(),
            'job_id' => $job->id,
            'kind' => EntryKind::Received,
            'subject' => 'ä “subject” \\ with ? and ;',
            'said' => ['state' => 'here', 'many' => [1, 2.5, true, null]],
            'happened_at' => now()->startOfSecond()->addMilliseconds(7),
            'user_id' => $person->id,
            'created_at' => now(),
        ]);
        $read = Observation::query()->findOrFail($kept->id);

        $this->assertSame($read->attributesToArray(), $kept->attributesToArray());
        $this->assertSame($person->id, $kept->user->id);
        $this->assertFalse($kept->isDirty());
        $added = Observation::takeAdded();
        $told = DB::select('SELECT '.JobTables::told('observations').' FROM observations WHERE id = ?', [$kept->id]);
        $this->assertEquals($told, $added->told('observations'), 'what is told when it is taken is what is read later');
        $this->assertSame([$kept->id], $added->ids('observations'));
        $this->assertSame([], Observation::takeAdded()->tables());
        $same = $kept->only(['job_id', 'kind', 'subject', 'said', 'happened_at', 'user_id']);
        Observation::query()->create(['ulid' => $this->ulid()] + $same);
        $this->assertNull(Observation::takeAdded()->told('observations'), 'what the framework added has to be read');
    }

    public function test_a_job_is_changed_where_it_is_not_as_it_was_and_only_there(): void
    {
        $job = $this->job($this->person(Role::Inspector))->refresh();
        $questions = new Questions();
        $questions->update($job, ['stage' => $job->stage, 'is_held' => $job->is_held, 'timer_due_at' => null]);
        $this->assertSame(0, $this->questions($questions->send(...)), 'nothing changed');

        $due = now()->startOfMinute();
        $questions->update($job, ['timer_due_at' => $due, 'is_held' => true, 'timer_words' => '0', 'answer_due_on' => '2031-05-01']);
        $this->assertSame(1, $this->questions($questions->send(...)));
        $this->assertFalse($job->isDirty());
        $this->assertEquals($job->getAttributes()['timer_words'], '0');
        foreach ([$job, $job->fresh()] as $one) {
            $this->assertTrue($one?->is_held);
            $this->assertSame($due->format('c'), $one->timer_due_at?->format('c'));
            $this->assertSame('0', $one->timer_words);
        }
        $questions->update($job, ['timer_words' => '', 'timer_due_at' => null]);
        $questions->send();
        $fresh = $job->fresh();
        $this->assertSame(['', null], [$fresh?->timer_words, $fresh?->timer_due_at], 'nothing is not the same as an empty word');

        $job->serial = 'another';
        $questions->update($job, []);
        $questions->send();
        $this->assertSame('another', $job->fresh()?->serial, 'what was set in the row is kept along');
    }

    public function test_a_transaction_begins_with_the_first_question_in_it(): void
    {
        $house = $this->anotherConnection();
        $isBegun = static fn (): bool => $house->selectOne('SELECT @@in_transaction AS yes')->yes === 1;

        $house->transaction(fn () => $this->assertSame([[1, 1]], self::numbers($house, 'SELECT @@in_transaction AS a, 1 AS b')));
        $this->assertFalse($isBegun());
        $house->transaction(fn () => $this->assertTrue($isBegun(), 'whatever is asked first'));
        $house->transaction(static fn () => null);
        $this->assertFalse($isBegun(), 'nothing asked, nothing begun');
        $house->beginTransaction();
        $house->rollBack();
        $this->assertFalse($isBegun());
        $this->assertSame(0, $house->transactionLevel());

        $house->beginTransaction();
        $house->beginTransaction();
        $this->assertTrue($isBegun(), 'a step within it begins it as well');
        $house->rollBack();
        $house->rollBack();
        $this->assertFalse($isBegun());
    }

    public function test_what_was_written_in_it_is_kept_or_taken_back_as_a_whole(): void
    {
        $house = $this->anotherConnection();
        $house->statement('CREATE TEMPORARY TABLE kept (n INT) ENGINE=InnoDB');
        $house->transaction(static fn () => $house->selectResultSets('INSERT INTO kept VALUES (?); INSERT INTO kept VALUES (2)', [1]));
        try {
            $house->transaction(static function () use ($house): void {
                $house->selectResultSets('INSERT INTO kept VALUES (3); SELECT 1');
                throw new \RuntimeException('stop');
            });
        } catch (\RuntimeException $exception) {
            $this->assertSame('stop', $exception->getMessage());
        }
        $this->assertSame([1, 2], array_column($house->select('SELECT n FROM kept ORDER BY n'), 'n'));
    }

    public function test_a_connection_that_was_lost_before_anything_was_asked_is_made_again(): void
    {
        foreach (
            [
                static fn (RetryingConnection $house): array => self::numbers($house, 'SELECT @@in_transaction AS a, 1 AS b'),
                static fn (RetryingConnection $house): array => [
                    array_values((array) $house->selectOne('SELECT @@in_transaction AS a, 1 AS b')),
                ],
            ] as $asks
        ) {
            $house = $this->anotherConnection();
            $mine = $house->selectOne('SELECT CONNECTION_ID() AS id')->id;
            DB::statement("KILL {$mine}");
            $this->assertSame([[1, 1]], $house->transaction(static fn (): array => $asks($house)));
            $this->assertNotSame($mine, $house->selectOne('SELECT CONNECTION_ID() AS id')->id);
            $this->assertSame(0, $house->transactionLevel());
        }
    }

    public function test_a_connection_that_was_lost_later_ends_the_transaction(): void
    {
        $house = $this->anotherConnection();
        $this->expectException(PDOException::class);
        $house->transaction(static function () use ($house): void {
            $mine = self::numbers($house, 'SELECT CONNECTION_ID() AS a, 1 AS b')[0][0];
            DB::statement("KILL {$mine}");
            $house->selectResultSets('SELECT 1; SELECT 2');
        });
    }

    /** @return list<list<int>> */
    private static function numbers(RetryingConnection $house, string $question): array
    {
        return array_map(static fn (object $row): array => array_values((array) $row), $house->selectResultSets($question)[0]);
    }

    /** Beside the one whose transaction takes a test's rows back, and not kept after it. */
    private function anotherConnection(): RetryingConnection
    {
        $plain = [PDO::ATTR_PERSISTENT => false];
        $house = config('database.connections.mariadb');
        config(['database.connections.beside' => ['options' => $plain + $house['options']] + $house]);
        DB::purge('beside');
        $connection = DB::connection('beside');
        $this->beforeApplicationDestroyed(static fn () => DB::purge('beside'));

        return $connection instanceof RetryingConnection ? $connection : $this->fail('The house has a connection of its own.');
    }
}
