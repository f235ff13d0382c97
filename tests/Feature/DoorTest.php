<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\PasswordKind;
use App\People\Role;
use App\Security\SecurityEvent;
use App\Security\TimeCode;
use App\Storage\AccessRules;
use App\Storage\User;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** Who comes in, how, for how long, and who lets them. */
final class DoorTest extends TestCase
{
    private const GOOD = 'cold anvil by the river';

    public function test_an_empty_shop_begins_with_an_owner_who_has_to_choose_a_password(): void
    {
        Artisan::call('people:first');
        preg_match('/as owner with (\S+)/', Artisan::output(), $found);
        $this->logIn('owner', 'demo-shop')->assertSessionHasErrors('login');
        $this->logIn('owner', $found[1])->assertRedirect('/');
        $this->get('/')->assertRedirect('/own');
        $this->postJson('/people', [])
            ->assertForbidden()
            ->assertJsonFragment(['message' => __('door.first.password')]);
        $this->choose($found[1], self::GOOD)->assertSessionHasNoErrors();
        $this->get('/')->assertOk()->assertSee('Nothing is on the bench.');
        $this->assertSame(PasswordKind::Own, User::query()->sole()->password_kind);
        Artisan::call('people:first');
        $this->assertStringContainsString('people in this shop already', Artisan::output(), 'a second first owner would be a way in');
    }

    /** @return iterable<string, array{string, string}> */
    public static function weakPasswords(): iterable
    {
        yield 'short' => ['anvil-river', 'short'];
        yield 'one letter' => ['aaaaaaaaaaaaaaa', 'pattern'];
        yield 'a run' => ['abcdefghijklm', 'pattern'];
        yield 'a row of keys and digits' => ['098765432109', 'pattern'];
        yield 'a piece again and again' => ['wxyzwxyzwxyz', 'pattern'];
        yield 'common with what people add' => ['Password2026!!', 'common'];
        yield 'common twice' => ['dragondragon', 'common'];
        yield 'the shop' => ['HollinFell2026', 'known'];
        yield 'the name' => ['inspector-2026-ab', 'known'];
        yield 'longer than the hash takes in' => [str_repeat('cold anvil ', 7), 'long'];
    }

    #[DataProvider('weakPasswords')]
    public function test_a_password_that_others_would_try_is_not_taken(string $password, string $why): void
    {
        $this->actingAs($this->person(Role::Inspector));
        $this->choose('a-password', $password)->assertSessionHasErrors([
            'password' => __("door.weak.{$why}", ['shortest' => 12, 'longest' => 72]),
        ]);
        $this->assertTrue(Hash::check('a-password', User::query()->sole()->password));
    }

    public function test_a_password_that_is_changed_ends_every_other_session(): void
    {
        $person = $this->person(Role::Inspector);
        $this->actingAs($person);
        $this->openSession('elsewhere', $person);
        $this->openSession('somebody-else', $this->person(Role::Owner));
        $this->choose('not-it', self::GOOD)->assertSessionHasErrors('current');
        $this->assertStringNotContainsString('not-it', (string) json_encode(session()->all()), 'no password is kept in a session');
        $this->choose('a-password', self::GOOD)->assertSessionHasNoErrors();
        $this->assertSame(['somebody-else'], DB::table('sessions')->pluck('id')->all());
        $this->post('/logout');
        $this->logIn('inspector', 'a-password')->assertSessionHasErrors('login');
        $this->logIn('inspector', self::GOOD)->assertRedirect('/');
    }

    public function test_own_sessions_are_shown_and_ended_and_those_of_others_are_not(): void
    {
        $person = $this->person(Role::Inspector);
        $this->openSession('phone', $person, 'Mozilla/5.0 (Mobile)');
        $this->openSession('other', $this->person(Role::Owner));
        $this->actingAs($person)->get('/own')->assertSee('a phone')->assertSee('10.0.0.9');
        $this->post('/own/sessions', ['session' => hash('sha256', 'other')])->assertSessionHas('note', __('door.note.nothing_ended'));
        $this->post('/own/sessions', ['session' => hash('sha256', 'phone')])->assertSessionHas('note', __('door.note.ended_there'));
        $this->assertSame(['other'], DB::table('sessions')->pluck('id')->all());
    }

    public function test_the_owner_adds_somebody_who_comes_in_once_with_what_was_printed(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $this->post('/people', ['login' => 'Ｎｅｗ.One ', 'name' => 'New One', 'role' => 'machinist'])->assertSessionHasNoErrors();
        $given = session('given');
        $this->assertSame('new.one', $given['login']);
        $this->get('/people')->assertSee($given['password']);
        $this->get('/people')->assertDontSee($given['password']);
        foreach (['new.one', 'NEW.ONE', 'ｎｅｗ．ｏｎｅ'] as $same) {
            $this->post('/people', ['login' => $same, 'name' => 'Again', 'role' => 'owner'])->assertSessionHasErrors('login');
        }
        foreach (['nеw.one', 'new one', '-x', "x\n", 'a'] as $bad) {
            $this->post('/people', ['login' => $bad, 'name' => 'Bad', 'role' => 'owner'])->assertSessionHasErrors('login');
        }
        $this->post('/logout');
        $this->logIn('New.One', $given['password'])->assertRedirect('/');
        $this->get('/machines')->assertRedirect('/own');
        $this->assertFalse(User::query()->firstWhere('login', 'new.one')->sees_prices);
    }

    public function test_who_is_locked_is_out_at_once_and_keeps_his_name_on_what_he_signed(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $this->openSession('his', $inspector);
        $this->actingAs($this->person(Role::Owner))
            ->post("/people/{$inspector->id}/lock")
            ->assertSessionHas('note');
        $this->assertSame(0, DB::table('sessions')->count());
        $this->get("/jobs/{$job->tag()}/history")->assertSee('Inspector');
        $this->actingAs($inspector->refresh())->get('/')->assertRedirect('/login');
        $this->assertGuest();
        $this->logIn('inspector', 'a-password')->assertSessionHasErrors('login');
        $this->actingAs(User::query()->firstWhere('login', 'owner'))->post("/people/{$inspector->id}/unlock");
        $this->post('/logout');
        $this->logIn('inspector', 'a-password')->assertRedirect('/');
    }

    public function test_a_shop_is_never_left_without_an_owner_who_can_come_in(): void
    {
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner);
        $this->post("/people/{$owner->id}/lock")->assertSessionHasErrors('person');
        $change = ['name' => 'Owner', 'role' => 'inspector'];
        $this->post("/people/{$owner->id}", $change)->assertSessionHasErrors('person');
        $second = $this->person(Role::Inspector);
        $this->post("/people/{$second->id}", ['name' => 'Second', 'role' => 'owner'])->assertSessionHasNoErrors();
        $this->post("/people/{$owner->id}", $change)->assertSessionHasNoErrors();
        $this->assertSame(Role::Inspector, $owner->refresh()->role);
        $this->get('/people')->assertForbidden();
    }

    public function test_who_has_lost_the_password_is_let_in_from_the_machine(): void
    {
        $owner = $this->person(Role::Owner);
        $owner->locked_at = now();
        $owner->save();
        $this->openSession('old', $owner);
        $this->assertSame(1, Artisan::call('people:reset', ['login' => 'nobody']));
        $this->assertStringContainsString('Here are: owner', Artisan::output());
        Artisan::call('people:reset', ['login' => 'owner']);
        preg_match('/as owner with (\S+)/', Artisan::output(), $found);
        $this->assertSame(0, DB::table('sessions')->count());
        $this->logIn('owner', $found[1])->assertRedirect('/');
        $this->get('/')->assertRedirect('/own');
    }

    public function test_a_second_factor_is_set_asked_for_and_good_once(): void
    {
        $this->actingAs($this->person(Role::Inspector))->post('/own/second-factor/new');
        $code = new TimeCode(session('second_factor_secret'));
        $this->get('/own')->assertSee('otpauth://totp/')->assertSee(chunk_split($code->secret, 4, ' '));
        $this->post('/own/second-factor', ['code' => '000000'])->assertSessionHasErrors('code');
        $this->post('/own/second-factor', ['code' => $code->at(now()->getTimestamp())])->assertSessionHasNoErrors();
        $recovery = session('recovery');
        $this->assertCount(10, array_unique($recovery));
        $this->post('/logout');

        $this->logIn('inspector', 'a-password')->assertRedirect('/login/code');
        $this->assertGuest();
        $this->get('/')->assertRedirect('/login');
        $this->post('/login/code', ['code' => $code->at(now()->getTimestamp())])->assertSessionHasErrors('code');
        $this->assertGuest();
        Carbon::setTestNow(now()->addSeconds(60));
        $this->post('/login/code', ['code' => $code->at(now()->getTimestamp())])->assertRedirect('/');
        $this->assertAuthenticated();
        $this->post('/logout');

        foreach ([true, false] as $isFirst) {
            $this->logIn('inspector', 'a-password');
            $answer = $this->post('/login/code', ['code' => strtoupper($recovery[3])]);
            $isFirst ? $answer->assertRedirect('/') : $answer->assertSessionHasErrors('code');
            $this->post('/logout');
        }
        $this->logIn('inspector', 'a-password');
        Carbon::setTestNow(now()->addMinutes(6));
        $this->post('/login/code', ['code' => $recovery[4]])->assertRedirect('/login');
        $this->assertGuest();
    }

    public function test_the_owner_can_ask_for_a_second_factor_by_role_and_take_one_away(): void
    {
        $inspector = $this->person(Role::Inspector);
        $this->actingAs($this->person(Role::Owner));
        $rules = ['idle_hours' => 2, 'tablet_idle_hours' => 10, 'longest_hours' => 12, 'sign_again_hours' => 1];
        $this->post('/people/rules', ['idle_hours' => 0] + $rules)->assertSessionHasErrors('idle_hours');
        $this->post('/people/rules', $rules + ['second_factor_for' => ['inspector']])->assertSessionHasNoErrors();
        $this->assertEquals(new AccessRules(2, 10, 12, 1, [Role::Inspector]), AccessRules::inForce());
        $this->get('/')->assertOk();
        $this->actingAs($inspector)->get('/')->assertRedirect('/own');
        $code = $this->setSecondFactor();
        $this->get('/')->assertOk();

        Carbon::setTestNow(now()->addSeconds(4000));
        $job = $this->job($inspector);
        $sign = fn (array $more) => $this->post(
            "/jobs/{$job->tag()}/release",
            ['ulid' => $this->ulid(), 'password' => 'a-password'] + $more,
        );
        $sign([])->assertSessionHasErrors(['password' => __('door.sign.code')]);
        $sign(['code' => $code->at(now()->getTimestamp())])->assertSessionHasErrors('sign');
        $this->assertSame(1, $this->logged(SecurityEvent::Signed), 'the signature was good; the job was not ready');

        $this->actingAs(User::query()->firstWhere('login', 'owner'))->post("/people/{$inspector->id}/second-factor");
        $this->assertNull($inspector->refresh()->second_factor);
    }

    public function test_tries_are_counted_by_account_from_anywhere(): void
    {
        $this->person(Role::Inspector);
        for ($i = 0; $i < 30; $i++) {
            $this->withServerVariables(['REMOTE_ADDR' => "10.1.0.{$i}"])->logIn('Inspector', 'wrong');
        }
        $this->withServerVariables(['REMOTE_ADDR' => '10.2.0.1'])->logIn('inspector', 'a-password');
        $this->assertGuest();
        $this->assertStringContainsString('Too many tries', session('errors')->first('login'));
        $this->assertSame(30, $this->logged(SecurityEvent::LoginRefused));
        $this->assertSame(1, $this->logged(SecurityEvent::LoginHeldBack));
        Carbon::setTestNow(now()->addMinutes(16));
        $this->logIn('inspector', 'a-password')->assertRedirect('/');
    }

    public function test_ten_wrong_signatures_end_the_session(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $this->actingAs($inspector);
        $sign = fn () => $this->post("/jobs/{$job->tag()}/release", ['ulid' => $this->ulid(), 'password' => 'guess']);
        for ($i = 0; $i < 9; $i++) {
            $sign()->assertSessionHasErrors('password');
        }
        $sign()->assertRedirect('/login');
        $this->assertGuest();
        $this->assertSame(10, $this->logged(SecurityEvent::SignatureRefused));
    }

    public function test_nothing_that_is_typed_makes_a_line_in_the_security_log(): void
    {
        $this->logIn("x\n{\"message\":\"logged_in\"}\u{2028}\r\n", str_repeat('a', 12));
        $lines = file($this->securityLog(), FILE_IGNORE_NEW_LINES) ?: [];
        $this->assertCount(1, $lines);
        $this->assertSame('login_refused', json_decode($lines[0], true, 8, JSON_THROW_ON_ERROR)['message']);
        $this->assertSame('640', decoct(fileperms($this->securityLog()) & 0o777));
    }

    public function test_a_session_ends_after_its_longest_time_however_busy(): void
    {
        $this->person(Role::Inspector);
        $this->logIn('inspector', 'a-password');
        for ($hour = 0; $hour < 16; $hour++) {
            $this->get('/gauges')->assertOk();
            Carbon::setTestNow(now()->addHour());
        }
        Carbon::setTestNow(now()->addMinutes(5));
        $this->get('/gauges')->assertRedirect('/login')->assertSessionHas('note', __('door.longest', ['hours' => 16]));
        $this->getJson('/feed/waiting')->assertUnauthorized();
    }

    public function test_a_rest_ends_a_session_later_at_the_tablet_of_a_bench(): void
    {
        foreach ([[false, false], [true, true]] as [$isTablet, $isStillIn]) {
            $this->person(Role::Inspector, $isTablet ? 'tablet' : 'desk');
            $this->useDatabaseSessions();
            $in = $this->post('/login', ['login' => $isTablet ? 'tablet' : 'desk', 'password' => 'a-password', 'tablet' => $isTablet]);
            $cookie = (string) $in->getCookie('north_ledger_session')?->getValue();
            Carbon::setTestNow(now()->addHours(5));
            $this->useDatabaseSessions();
            $page = $this->withCookie('north_ledger_session', $cookie)->get('/gauges');
            $isStillIn ? $page->assertOk() : $page->assertRedirect('/login');
        }
    }

    public function test_who_may_not_see_prices_sees_none(): void
    {
        $job = $this->job($this->person(Role::Inspector));
        DB::table('jobs')->update(['budget_minor' => 98_765_43]);
        $machinist = $this->person(Role::Machinist);
        $this->actingAs($machinist);
        foreach (['plan', 'offers', 'parts', 'parts.csv', 'findings'] as $page) {
            $this->get("/jobs/{$job->tag()}/{$page}")->assertForbidden();
        }
        $this->get("/jobs/{$job->tag()}/receive")
            ->assertOk()
            ->assertDontSee('765.43')
            ->assertDontSee('Budget');
        $this->get("/jobs/{$job->tag()}/measure")
            ->assertOk()
            ->assertDontSee("/jobs/{$job->tag()}/plan");
        $machinist->update(['sees_prices' => true]);
        $this->actingAs($machinist->refresh())
            ->get("/jobs/{$job->tag()}/plan")
            ->assertOk();
        $this->get("/jobs/{$job->tag()}/receive")->assertSee('Budget');
    }

    public function test_every_page_behind_the_door_asks_whether_its_person_may_still_be_in(): void
    {
        foreach (Route::getRoutes()->getRoutes() as $route) {
            $asks = $route->gatherMiddleware();
            if (in_array('auth', $asks, true)) {
                $this->assertContains(\App\Door\StillIn::class, $asks, $route->uri());
            }
        }
    }

    private function logIn(string $login, string $password): TestResponse
    {
        return $this->post('/login', ['login' => $login, 'password' => $password]);
    }

    private function choose(string $current, string $password): TestResponse
    {
        return $this->post('/own/password', ['current' => $current, 'password' => $password, 'password_confirmation' => $password]);
    }

    private function setSecondFactor(): TimeCode
    {
        $this->post('/own/second-factor/new');
        $code = new TimeCode(session('second_factor_secret'));
        $this->post('/own/second-factor', ['code' => $code->at(now()->getTimestamp())])->assertSessionHasNoErrors();

        return $code;
    }

    private function openSession(string $id, User $person, string $agent = 'Mozilla/5.0'): void
    {
        DB::table('sessions')->insert([
            'id' => $id,
            'user_id' => $person->id,
            'ip_address' => '10.0.0.9',
            'user_agent' => $agent,
            'payload' => '',
            'last_activity' => now()->getTimestamp(),
        ]);
    }

    private function useDatabaseSessions(): void
    {
        $this->app['auth']->forgetGuards();
        $this->app['session']->forgetDrivers();
        config(['session.driver' => 'calm']);
    }

    private function logged(SecurityEvent $event): int
    {
        return substr_count((string) file_get_contents($this->securityLog()), "\"message\":\"{$event->value}\"");
    }
}
