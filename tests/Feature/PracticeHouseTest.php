<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Job;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SpecBook;
use App\Storage\Stage;
use App\Storage\User;
use App\WholeEngines\PracticeHouse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use RuntimeException;
use Tests\TestCase;

/** The house of the practice beside that of the shop: which one is asked, and what is known in both (PRAC-3). */
final class PracticeHouseTest extends TestCase
{
    /** @var list<string> */
    protected array $connectionsToTransact = ['mariadb', 'practice'];

    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        parent::tearDown();
    }

    public function test_whoever_goes_in_comes_out_again_whatever_happens_there(): void
    {
        $this->assertFalse(PracticeHouse::isHere());
        $this->assertSame('practice', PracticeHouse::inside(static fn (): string => DB::getDefaultConnection()));
        $this->assertFalse(PracticeHouse::isHere());
        $went = '';
        try {
            PracticeHouse::inside(static function (): void {
                throw new RuntimeException('wrong');
            });
        } catch (RuntimeException $exception) {
            $went = $exception->getMessage();
        }
        $this->assertSame('wrong', $went);
        $this->assertFalse(PracticeHouse::isHere());
        $this->assertTrue(
            PracticeHouse::inside(static fn (): bool => PracticeHouse::inside(PracticeHouse::isHere(...)) && PracticeHouse::isHere()),
            'one within the other stays in',
        );
    }

    public function test_the_web_server_says_which_house_a_request_is_in(): void
    {
        $asked = static fn (array $server): Request => Request::create('/', server: $server);
        PracticeHouse::enter($asked(['NORTH_HOUSE' => 'practice']));
        $this->assertTrue(PracticeHouse::isHere());
        foreach ([[], ['NORTH_HOUSE' => ''], ['NORTH_HOUSE' => 'shop'], ['HTTP_NORTH_HOUSE' => 'practice']] as $server) {
            PracticeHouse::enter($asked($server));
            $this->assertFalse(PracticeHouse::isHere());
        }
    }

    public function test_its_address_has_a_port_of_its_own_plain_and_over_tls(): void
    {
        config(['app.practice_ports' => ['http' => 8411, 'https' => 444], 'app.url' => 'https://ledger.shop.lan']);
        $this->assertSame('http://10.0.0.4:8411/jobs/x', PracticeHouse::url(Request::create('http://10.0.0.4:8410/'), '/jobs/x'));
        $this->assertSame('https://ledger.shop.lan:444/', PracticeHouse::url(Request::create('https://ledger.shop.lan/'), '/'));
        $this->assertSame('https://ledger.shop.lan/practice', PracticeHouse::shopUrl('/practice'));
        config(['app.practice_ports' => ['http' => 0, 'https' => 0]]);
        $this->assertSame('', PracticeHouse::url(Request::create('http://10.0.0.4:8410/'), '/jobs/x'));
    }

    public function test_every_stage_is_shown_in_the_shop_and_what_would_tell_the_verdict_not_in_practice(): void
    {
        $shown = static fn (): array => array_values(array_filter(Stage::cases(), PracticeHouse::shows(...)));
        $this->assertSame(Stage::cases(), $shown());
        $this->assertSame([Stage::Receive, Stage::Clean, Stage::Cracks, Stage::Measure], PracticeHouse::inside($shown));
    }

    public function test_people_policies_and_sheets_are_brought_along_once(): void
    {
        $learner = $this->person(Role::Machinist);
        $owner = $this->person(Role::Owner);
        $policies = $this->app->make(PolicyBook::class);
        $document = $policies->document($policies->newestNumber());
        unset($document['revision']);
        $policies->add(['preference' => 'cost'] + $document, $owner->id);
        $newest = $policies->newestNumber();

        PracticeHouse::bringAlong();
        PracticeHouse::bringAlong();
        foreach ([$learner, $owner] as $person) {
            $this->assertSame(1, DB::connection('practice')->table('users')->where('login', $person->login)->count());
        }
        $this->assertSame($newest, (int) DB::connection('practice')->table('policy_revisions')->max('number'));
        $there = PracticeHouse::inside(fn (): ShopPolicy => $this->app->make(PolicyBook::class)->current());
        $this->assertSame('cost', $there->preference->value);
        $this->assertSame(User::query()->count(), DB::connection('practice')->table('users')->count());
    }

    public function test_a_family_of_the_shops_own_is_practised_on_too(): void
    {
        config(['app.practice_ports' => ['http' => 8411, 'https' => 0]]);
        $owner = $this->person(Role::Owner);
        $this->actingAs($owner);
        $own = ['family' => 'alder-3', 'name' => 'Alder 3', 'castings' => ['AL-3']];
        $sheet = json_decode((string) file_get_contents(resource_path('specs/quern-3-16.json')), true, 32, JSON_THROW_ON_ERROR);
        $this->app->make(SpecBook::class)->add($own + $sheet, 'for the practice', $owner);

        $ulid = (string) Str::ulid();
        $form = ['ulid' => $ulid, 'family' => 'alder-3', 'difficulty' => 'close', 'seed' => '9'];
        $this->post('/practice/engines', $form)->assertRedirect();
        $row = PracticeEngine::query()->where('ulid', $ulid)->sole();
        $tag = Job::tagOf($row->job_id);
        $this->call('GET', "/jobs/{$tag}/measure/crankshaft", server: ['NORTH_HOUSE' => 'practice'])->assertOk()->assertSee('Alder 3');
        $this->post('/practice/engines', ['ulid' => (string) Str::ulid(), 'family' => 'nothing', 'difficulty' => 'close'])
            ->assertSessionHasErrors('family');
    }
}
