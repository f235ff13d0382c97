<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Ability;
use App\People\Role;
use App\Shop\PolicyForm;
use App\Shop\PolicySetting;
use App\Storage\Customer;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\PolicyRevision;
use App\Storage\Reading;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use NorthLedger\Core\Engine\Policy\ReadingsPerBore;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\TemperatureUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Cookie;
use Tests\TestCase;

/** Doors, the Bench, receiving, the shop's rules, and the ledger's chain. */
final class HouseTest extends TestCase
{
    public function test_nobody_gets_in_without_a_log_in(): void
    {
        $job = $this->job($this->person(Role::Inspector));
        foreach (
            [
                '/',
                '/find?q=x',
                '/jobs/new',
                '/shop',
                "/jobs/{$job->tag()}/measure",
                "/jobs/{$job->tag()}/readings.json",
                "/jobs/{$job->tag()}/certificate",
            ] as $path
        ) {
            $this->get($path)->assertRedirect('/login');
        }
        $this->key($job, 'bore.1.top.thrust', '3.1')->assertUnauthorized();
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_the_door_opens_by_password_and_closes_after_too_many_tries(): void
    {
        $this->person(Role::Inspector);
        $try = fn (string $password) => $this->post('/login', ['login' => 'inspector', 'password' => $password]);
        $try('wrong')->assertSessionHasErrors('login');
        $try('a-password')->assertRedirect('/');
        $this->post('/logout')->assertRedirect('/login');
        $this->assertGuest();
        for ($i = 0; $i < 6; $i++) {
            $try('wrong');
        }
        $try('a-password')->assertSessionHasErrors('login');
        $this->assertStringContainsString('Too many tries', session('errors')->first('login'));
        $this->assertGuest();
    }

    /** @return iterable<string, array{Role, string, string, array<string, mixed>}> */
    public static function notAllowed(): iterable
    {
        yield 'a machinist receives' => [Role::Machinist, 'get', '/jobs/new', []];
        yield 'a machinist keys a reading' => [
            Role::Machinist,
            'post',
            '/jobs/%s/sheets/bores/readings',
            ['place' => 'bore.1.top.thrust', 'text' => '3'],
        ];
        yield 'a machinist chooses' => [Role::Machinist, 'post', '/jobs/%s/plan', ['option' => 'stay']];
        yield 'a machinist signs' => [Role::Machinist, 'post', '/jobs/%s/release', ['password' => 'a-password']];
        yield 'the counter works' => [Role::FrontCounter, 'post', '/jobs/%s/work', ['operation' => 'clean', 'state' => 'done']];
        yield 'the counter concedes' => [
            Role::FrontCounter,
            'post',
            '/jobs/%s/verify',
            ['subject' => 'bore.1', 'kind' => 'concession', 'reason' => 'x'],
        ];
        yield 'an inspector changes prices' => [Role::Inspector, 'get', '/shop', []];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('notAllowed')]
    public function test_roles_keep_to_their_own(Role $role, string $method, string $path, array $data): void
    {
        $job = $this->job($this->person(Role::Owner));
        $this->actingAs($this->person($role));
        $answer = $method === 'get' ? $this->get($path) : $this->post(sprintf($path, $job->tag()), $data + ['ulid' => $this->ulid()]);

        $answer->assertForbidden();
        $this->assertSame(1, LedgerEntry::query()->count());
    }

    public function test_what_a_person_can_is_what_the_gate_says(): void
    {
        foreach (Role::cases() as $role) {
            $person = $this->person($role);
            foreach (Ability::cases() as $ability) {
                $this->assertSame(
                    Gate::forUser($person)->check($ability->value),
                    $person->can($ability->value),
                    "{$role->value}, {$ability->value}",
                );
                $this->assertSame($person->may($ability), $person->can($ability->value));
            }
            $this->assertFalse($person->can('fly'));
        }
        $this->assertTrue($this->person(Role::Owner, 'second-owner')->can(['measure', 'run-shop']));
    }

    public function test_the_token_of_the_forms_stands_in_the_page_and_in_no_cookie(): void
    {
        $answer = $this->actingAs($this->person(Role::Inspector))->get('/');
        $this->assertMatchesRegularExpression('/name="csrf-token" content="\w{40}"/', (string) $answer->getContent());
        $this->assertSame(
            ['north_ledger_session'],
            array_map(static fn (Cookie $cookie): string => $cookie->getName(), $answer->headers->getCookies()),
        );
    }

    public function test_the_bench_says_what_is_known_of_the_block_and_of_the_engine(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $this->actingAs($inspector);
        $bench = fn (): string => (string) $this->get('/')->getContent();
        $this->assertStringContainsString('>not yet known</span>', $bench());
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['verdict' => 'recondition']);
        $this->assertStringContainsString('>recondition</span>', $bench(), 'nothing of the engine while nothing is known');
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['engine_verdict' => 'with machining']);
        $this->assertStringContainsString('recondition · engine with machining', $bench());
    }

    public function test_every_page_has_a_strict_policy_and_nothing_inline(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $this->actingAs($inspector);
        foreach (
            [
                '/',
                '/jobs/new',
                ...array_map(static fn (string $stage): string => "/jobs/{$job->tag()}/{$stage}", [
                    'receive',
                    'clean',
                    'cracks',
                    'measure',
                    'judge',
                    'plan',
                    'work',
                    'verify',
                    'release',
                    'history',
                ]),
            ] as $path
        ) {
            $answer = $this->get($path)->assertOk();
            $policy = (string) $answer->headers->get('Content-Security-Policy');
            $this->assertStringContainsString("script-src 'self'; style-src 'self'", $policy, $path);
            $this->assertStringNotContainsString('unsafe', $policy, $path);
            $this->assertDoesNotMatchRegularExpression(
                '/<script(?![^>]*src=)|<style|\sstyle=|\son\w+=/i',
                (string) $answer->getContent(),
                $path,
            );
        }
    }

    public function test_what_does_not_exist_is_a_page_of_our_own(): void
    {
        $this->actingAs($this->person(Role::Inspector));
        $this->get('/nowhere')->assertNotFound()->assertSee('No page and no job has that address.');
        $this->get('/jobs/NL-9999/measure')->assertNotFound()->assertSee('To the Bench');
        $this->get('/jobs/anything/measure')->assertNotFound();
        $this->get('/jobs/NL-9999/sheets/attic')->assertNotFound();
    }

    public function test_receiving_gives_a_tag_and_begins_the_ledger(): void
    {
        $counter = $this->person(Role::FrontCounter);
        $form = [
            'ulid' => $this->ulid(),
            'family' => 'brae-v8-311',
            'serial' => 'BV-1',
            'customer' => 'Hill-climb club',
            'due_on' => '2030-02-01',
            'declared_step' => '30 over',
            'declared_evidence' => 'crown of piston 2',
        ];
        $this->actingAs($counter)->post('/jobs', $form)->assertRedirect();
        $this->post('/jobs', $form)->assertRedirect();

        $job = Job::query()->sole();
        $this->assertMatchesRegularExpression('/^NL-\d{4}$/', $job->tag());
        $this->assertSame(762_000, $job->declared_step_nm);
        $this->assertSame(['received'], LedgerEntry::query()->pluck('kind')->all());
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function badReceipts(): iterable
    {
        yield 'no serial' => [['serial' => ''], 'serial'];
        yield 'a family nobody knows' => [['family' => '../../etc/passwd'], 'family'];
        yield 'a day that is none' => [['due_on' => 'soon'], 'due_on'];
        yield 'a step that is not offered' => [['declared_step' => '25 over', 'declared_evidence' => 'paper'], 'declared_step'];
        yield 'a step without evidence' => [['declared_step' => '30 over'], 'declared_evidence'];
        yield 'no number of its own' => [['ulid' => 'x'], 'ulid'];
    }

    /** @param  array<string, string>  $changes */
    #[DataProvider('badReceipts')]
    public function test_a_bad_receipt_says_what_to_do_and_keeps_what_was_typed(array $changes, string $field): void
    {
        $this->actingAs($this->person(Role::FrontCounter))
            ->from('/jobs/new')
            ->post(
                '/jobs',
                $changes + [
                    'ulid' => $this->ulid(),
                    'family' => 'tarn-4-198',
                    'serial' => 'T-1',
                    'customer' => 'Sawmill',
                    'due_on' => '2030-02-01',
                ],
            )
            ->assertRedirect('/jobs/new')
            ->assertSessionHasErrors($field);
        $this->assertSame('Sawmill', old('customer'));
        $this->assertSame(0, Job::query()->count());
    }

    public function test_jobs_are_found_by_tag_serial_and_customer(): void
    {
        $inspector = $this->person(Role::Inspector);
        $first = $this->job($inspector);
        $second = $this->job($inspector);
        $first->update(['serial' => 'FX-100']);
        $second->update(['serial' => 'FX-200', 'customer_id' => Customer::query()->create(['name' => 'Cable ferry 50%'])->id]);
        $this->actingAs($inspector);

        $this->get('/find?q='.$first->id)->assertRedirect("/jobs/{$first->tag()}");
        $this->get('/find?q='.strtolower($second->tag()))->assertRedirect("/jobs/{$second->tag()}");
        $this->get('/find?q=FX-')->assertSee($first->tag())->assertSee($second->tag());
        $this->get('/find?q=ferry')->assertRedirect("/jobs/{$second->tag()}");
        $this->get('/find?q=%25')->assertRedirect("/jobs/{$second->tag()}");
        $this->get('/find?q=nobody')->assertSee('Nothing has that tag, serial or customer.');
        $kiln = Customer::query()->create(['name' => 'Kiln Lane', 'email' => 'bricks@kiln.example', 'phone' => '0555-01 42 17']);
        Customer::query()->create(['name' => 'Kiln Street']);
        $this->get('/find?q=kiln+lane')->assertRedirect("/customers/{$kiln->id}");
        $this->get('/find?q=0142')->assertRedirect("/customers/{$kiln->id}");
        $this->get('/find?q=kiln')->assertOk()->assertSee('Kiln Lane')->assertSee('Kiln Street');
        $this->get('/find?q=')->assertRedirect('/');
    }

    public function test_the_bench_pages_through_many_jobs_by_its_index(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $row = array_diff_key($job->refresh()->getAttributes(), ['id' => 0]);
        for ($i = 0; $i < 5; $i++) {
            DB::table('jobs')->insert(array_map(static fn (int $number): array => ['serial' => "M-{$number}"] + $row, range(1, 20)));
        }
        $first = $this->actingAs($inspector)->get('/');
        $first->assertOk()->assertSee('Later');
        $this->assertSame(40, substr_count((string) $first->getContent(), 'row-link'));

        $plan = DB::select('EXPLAIN SELECT * FROM jobs WHERE is_closed = 0 ORDER BY due_on, id LIMIT 41');
        $this->assertSame('jobs_is_closed_due_on_id_index', $plan[0]->key);
        $this->assertStringNotContainsString('filesort', (string) $plan[0]->Extra);
    }

    public function test_a_change_of_the_shop_is_a_new_revision_and_bad_values_are_kept_for_mending(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $form = [
            'preference' => 'life',
            'order_of_work' => 'bore first',
            'own_work' => 'warned',
            'crack_dwell' => 'short',
            'decision_rule' => ['incoming' => 'guarded', 'final' => 'simple'],
            'check_back' => ['readings' => '30', 'minutes' => '90'],
        ];
        $this->post('/shop', $form)->assertSessionDoesntHaveErrors();

        $policy = PolicyRevision::query()->sole();
        $this->assertSame([1, 'life'], [$policy->number, $policy->policy['preference']]);
        $this->get('/shop')->assertSee('policy revision 1')->assertSee('preference: balanced → life')->assertSee('Revision 1');
        $parts = [
            'grind_stock' => '.0030',
            'light_cut' => '.0020',
            'shim_step' => '.0010',
            'corner_spread' => '.0040',
            'guide_evenness' => '.0100',
            'plausible_distance' => '.0500',
        ];
        $this->post('/shop', ['parts_in' => ['light_cut' => 'thin'] + $parts] + $form)->assertSessionHasErrors('parts_in.light_cut');
        $this->post(
            '/shop',
            ['grind_aim' => 'high', 'mirror_finish' => 'accepted', 'allowed_pitting_class' => '1', 'parts_in' => $parts] + $form,
        )->assertSessionDoesntHaveErrors();
        $this->get('/shop')->assertSee('grind aim: middle → high')->assertSee('parts in, grind stock: .002 → .0030');
        $this->assertSame(
            [76_200, 1],
            [
                $this->app->make(PolicyBook::class)->current()->partAllowances(LengthUnit::Inch)->grindStock->nanometres,
                $this->app->make(PolicyBook::class)->current()->allowedPittingClass,
            ],
        );
    }

    public function test_every_choice_of_the_policy_stands_on_the_shop_page_and_is_kept(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $defaults = json_decode((string) file_get_contents(resource_path('policy/defaults.json')), true);
        $chosen = array_filter(
            Arr::dot($defaults),
            static fn (string $key): bool => ! str_starts_with($key, 'prices.') && ! in_array($key, ['revision', 'currency'], true),
            ARRAY_FILTER_USE_KEY,
        );
        $form = array_map(static fn (PolicySetting $setting): string => $setting->key, PolicyForm::all());
        $this->assertSame([], array_values(array_diff(array_keys($chosen), $form)), 'values of the policy that nobody can change');

        $page = $this->get('/shop')->assertOk();
        foreach (PolicyForm::all() as $setting) {
            $page->assertSee('name="'.$setting->field().'"', false);
        }
        $this->post('/shop', [
            'temperature_unit' => 'F',
            'expansion' => ['steel' => '11.5'],
            'readings_per_bore' => 'four',
            'bore_in' => ['most_hone' => '.0035'],
        ])->assertSessionDoesntHaveErrors();
        $kept = $this->app->make(PolicyBook::class)->current();
        $this->assertSame(
            [TemperatureUnit::Fahrenheit, ReadingsPerBore::Four, 88_900],
            [$kept->temperatureUnit, $kept->readingsPerBore, $kept->boreAllowances(LengthUnit::Inch)->mostHone->nanometres],
        );
        $this->post('/shop', [
            'readings_per_bore' => 'seven',
            'expansion' => ['steel' => 'warm'],
            'bore_mm' => ['hone_stock' => 'a hair'],
        ])->assertSessionHasErrors(['readings_per_bore', 'expansion.steel', 'bore_mm.hone_stock']);
    }

    public function test_a_changed_record_breaks_the_chain_and_is_named(): void
    {
        $inspector = $this->person(Role::Inspector);
        $job = $this->job($inspector);
        $this->actingAs($inspector);
        $this->stateSetup($job);
        $this->key($job, 'bore.1.top.thrust', '3.1');
        $this->artisan('ledger:verify')->expectsOutput('1 ledgers walked, every chain is whole.')->assertSuccessful();
        $this->artisan('ledger:recompute')
            ->expectsOutput('1 stored verdicts agree with the recomputed ones, 0 differ.')
            ->assertSuccessful();

        $entry = LedgerEntry::query()->where('number', 3)->firstOrFail();
        $payload = str_replace('3.1', '1.3', $entry->payload);
        $this->besideTheHouse(
            static fn (): int => DB::table('ledger_entries')
                ->where('id', $entry->id)
                ->update(['payload' => $payload]),
        );
        $this->artisan('ledger:verify')
            ->expectsOutput("{$job->tag()}: entry 3 (reading) was changed after it was written.")
            ->assertFailed();
        $this->get("/jobs/{$job->tag()}/history")->assertSee('Chain broken');

        $this->besideTheHouse(static fn (): int => DB::table('ledger_entries')->where('id', $entry->id)->delete());
        $this->artisan('ledger:verify', ['tag' => $job->tag()])
            ->expectsOutput("{$job->tag()}: the job counts 3 entries, the ledger holds 2.")
            ->assertFailed();
    }

    public function test_a_stored_verdict_that_was_tampered_with_is_found(): void
    {
        $job = $this->job($this->person(Role::Inspector));
        DB::table('jobs')
            ->where('id', $job->id)
            ->update(['verdict' => 'serviceable']);
        $this->artisan('ledger:recompute')->assertFailed();
        $this->artisan('ledger:recompute --store')->assertSuccessful();
        $this->assertSame('not yet known', $job->refresh()->verdict);
    }
}
