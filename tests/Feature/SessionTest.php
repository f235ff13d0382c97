<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Session\CalmSessionHandler;
use App\Session\PeopleProvider;
use App\Session\PersonOfSession;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Tests\TestCase;

/** Sessions are written when something in them changes, and touched now and then, but not at every request. */
final class SessionTest extends TestCase
{
    private const MINUTES = 720;

    public function test_an_unchanged_session_is_left_alone(): void
    {
        $this->handler()->write('session-a', 'data');
        $writes = $this->writesDuring(function (): void {
            $handler = $this->handler();
            $this->assertSame('data', $handler->read('session-a'));
            $this->assertTrue($handler->write('session-a', 'data'));
        });
        $this->assertSame(0, $writes);
    }

    public function test_a_changed_session_is_written(): void
    {
        $this->handler()->write('session-a', 'data');
        $handler = $this->handler();
        $handler->read('session-a');
        $this->assertSame(1, $this->writesDuring(static fn () => $handler->write('session-a', 'other')));
        $this->assertSame('other', $this->handler()->read('session-a'));
    }

    public function test_the_same_data_under_a_new_id_is_written(): void
    {
        $this->handler()->write('session-a', 'data');
        $handler = $this->handler();
        $handler->read('session-a');
        $handler->setExists(false);
        $handler->write('session-b', 'data');
        $this->assertSame('data', $this->handler()->read('session-b'), 'a log-in changes the id and must not lose the session');
    }

    public function test_a_session_that_is_used_is_touched_and_does_not_run_out(): void
    {
        $this->handler()->write('session-a', 'data');
        Carbon::setTestNow(Carbon::now()->addMinutes(6));
        $handler = $this->handler();
        $handler->read('session-a');
        $this->assertSame(1, $this->writesDuring(static fn () => $handler->write('session-a', 'data')));
        $this->assertSame(Carbon::now()->getTimestamp(), DB::table('sessions')->where('id', 'session-a')->value('last_activity'));
    }

    public function test_a_session_that_ran_out_reads_as_empty(): void
    {
        $this->handler()->write('session-a', 'data');
        Carbon::setTestNow(Carbon::now()->addMinutes(self::MINUTES + 1));
        $this->assertSame('', $this->handler()->read('session-a'));
    }

    public function test_what_was_never_written_reads_as_empty_and_is_written_then(): void
    {
        $handler = $this->handler();
        $this->assertSame('', $handler->read('session-new'));
        $this->assertSame(1, $this->writesDuring(static fn () => $handler->write('session-new', '')));
    }

    public function test_the_person_of_a_session_comes_along_with_it(): void
    {
        $inspector = $this->person(Role::Inspector);
        $this->handler()->write('session-a', 'data');
        DB::table('sessions')
            ->where('id', 'session-a')
            ->update(['user_id' => $inspector->id]);
        $asked = $this->questionsDuring(function () use ($inspector): void {
            $this->handler()->read('session-a');
            $found = $this->people()->retrieveById($inspector->id);
            $this->assertSame(['inspector', Role::Inspector], [$found?->login, $found?->role]);
            $this->assertTrue($found?->exists);
        });
        $this->assertSame(1, $asked, 'one question for both');
    }

    public function test_what_somebody_may_do_is_asked_anew_in_every_request(): void
    {
        $inspector = $this->person(Role::Inspector);
        $this->handler()->write('session-a', 'data');
        DB::table('sessions')
            ->where('id', 'session-a')
            ->update(['user_id' => $inspector->id]);
        $this->handler()->read('session-a');
        $inspector->update(['role' => Role::Machinist]);
        $this->handler()->read('session-a');
        $this->assertFalse($this->people()->retrieveById($inspector->id)?->can('measure'));
        $inspector->delete();
        $this->assertSame('data', $this->handler()->read('session-a'));
        $this->assertNull($this->people()->retrieveById($inspector->id), 'who is gone is let in no more');
    }

    public function test_nobody_comes_along_with_a_session_that_ran_out_or_belongs_to_nobody_and_no_one_stands_in_for_another(): void
    {
        [$inspector, $owner] = [$this->person(Role::Inspector), $this->person(Role::Owner)];
        $this->handler()->write('session-a', 'data');
        $this->handler()->read('session-a');
        $this->assertNull($this->app->make(PersonOfSession::class)->row);

        DB::table('sessions')
            ->where('id', 'session-a')
            ->update(['user_id' => $inspector->id]);
        $this->handler()->read('session-a');
        $this->assertSame('owner', $this->people()->retrieveById($owner->id)?->login, 'another person is looked up');
        $this->assertSame('inspector', $this->people()->retrieveById($inspector->id)?->login);

        Carbon::setTestNow(Carbon::now()->addMinutes(self::MINUTES + 1));
        $this->handler()->read('session-a');
        $this->assertNull($this->app->make(PersonOfSession::class)->row, 'a session that ran out brings nobody');
        $this->handler()->read('session-unknown');
        $this->assertNull($this->app->make(PersonOfSession::class)->row);
    }

    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    private function handler(): CalmSessionHandler
    {
        return new CalmSessionHandler(DB::connection(), 'sessions', self::MINUTES, $this->app, $this->app->make(PersonOfSession::class));
    }

    private function people(): PeopleProvider
    {
        $provider = Auth::createUserProvider('users');

        return $provider instanceof PeopleProvider ? $provider : $this->fail('People are found by their own provider.');
    }

    private function questionsDuring(callable $work): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        DB::disableQueryLog();

        return count(DB::getQueryLog());
    }

    private function writesDuring(callable $work): int
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $work();
        DB::disableQueryLog();

        return count(
            array_filter(DB::getQueryLog(), static fn (array $query): bool => preg_match('/^(insert|update)/i', $query['query']) === 1),
        );
    }
}
