<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Package\ImportPackage;
use App\Package\JobPackage;
use App\Package\PackageRefused;
use App\People\Role;
use App\Record\FindingKey;
use App\Signing\ShopKey;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\User;
use Database\Seeders\DemoParts;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

/** The engine as a whole: its verdict, what people decide about it, the customer's page, and its package. */
final class EngineTest extends TestCase
{
    use EmptyHouse;
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block, EnginePart::Head, EnginePart::Crankshaft);
    }

    public function test_an_engine_read_through_has_one_verdict_and_the_stored_one_is_the_recomputed_one(): void
    {
        $this->assertSame('not yet known', $this->job->refresh()->engine_verdict);
        $this->readThrough();
        $this->assertSame(EngineVerdict::WithMachining, $this->file()->engine()->verdict);
        $this->assertSame('with machining', $this->job->refresh()->engine_verdict);
        $this->artisan('ledger:recompute')
            ->expectsOutput('1 stored verdicts agree with the recomputed ones, 0 differ.')
            ->assertSuccessful();
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('Rebuildable with machining')
            ->assertSee('Mains: grind .010 under')
            ->assertSee('within limits');
    }

    public function test_what_is_missing_comes_fewest_first(): void
    {
        $this->readSheets([Section::Crankshaft], ['snout.1' => '-']);
        $page = $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('Crankshaft: 1 reading: crankshaft, run-out at the snout');
        $this->assertSame('not yet known', $this->job->refresh()->engine_verdict);
        $page->assertDontSee('Rods: 1 reading');
    }

    public function test_a_person_sees_a_part_otherwise_signed_and_beside_the_verdict(): void
    {
        $this->readSheets([Section::Crankshaft]);
        $overrule = fn (array $changes): \Illuminate\Testing\TestResponse => $this->from("/jobs/{$this->job->tag()}/judge")->post(
            "/jobs/{$this->job->tag()}/judge/overrule",
            $changes + [
                'ulid' => $this->ulid(),
                'part' => 'crankshaft',
                'verdict' => 'scrap',
                'reason' => 'heat marks at rod journal 2',
                'password' => 'a-password',
            ],
        );
        $overrule(['password' => 'guessed'])->assertSessionHasErrors('password');
        $overrule(['reason' => ''])->assertSessionHasErrors('reason');
        $overrule(['verdict' => 'recondition'])->assertSessionHasErrors('part');
        $overrule([])->assertRedirect();
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('Inspector says scrap')
            ->assertSee('heat marks at rod journal 2');
        $this->assertSame('recondition', $this->file()->engine()->parts['crankshaft']->verdict->value, 'never in place of it');
        $this->actingAs($this->person(Role::Machinist));
        $overrule([])->assertForbidden();
    }

    public function test_a_customer_lives_with_a_defect_and_what_is_scrap_stays_scrap(): void
    {
        $this->readSheets([Section::Deck, Section::Heads], ['vacuum.1.ex' => '1']);
        $finding = 'VALVE-3/valve.1.ex/vacuum';
        $concede = fn (array $changes): \Illuminate\Testing\TestResponse => $this->sendTo(
            $this->job,
            'judge/concessions',
            $changes + ['finding' => $finding, 'worst' => 'it burns oil', 'accepted_by' => 'the sawmill', 'password' => 'a-password'],
        );
        $concede(['worst' => ''])
            ->assertStatus(422)
            ->assertJsonValidationErrors('worst');
        $concede(['finding' => 'JRNL-2/main.9/size'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('finding');
        $concede(['password' => 'guessed'])
            ->assertStatus(422)
            ->assertJsonValidationErrors('password');
        $concede([])->assertRedirect(route('stage.judge', $this->job));
        $concede([])->assertStatus(422);
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('Accepted by the customer')
            ->assertSee('it burns oil');
        $this->assertSame('serviceable', $this->file()->engine()->parts['head']->verdict->value);
        $this->assertSame(1, Observation::query()->where('kind', 'concession')->count());
    }

    public function test_a_concession_holds_for_the_defect_that_was_accepted_and_not_for_a_worse_one(): void
    {
        $this->readSheets([Section::Rods], ['bend.2' => '3 thou']);
        $this->sendTo($this->job, 'judge/concessions', [
            'finding' => 'ROD-4/rod.2/bend',
            'worst' => 'it wears the bore',
            'accepted_by' => 'the sawmill',
            'password' => 'a-password',
        ])->assertRedirect();
        $this->assertSame('serviceable', $this->file()->engine()->parts['rods']->verdict->value);
        $this->key($this->job, 'bend.2', '2.9', 'rods', ['reason' => 'misread'])->assertOk();
        $this->assertSame('serviceable', $this->file()->engine()->parts['rods']->verdict->value, 'less of it is covered');
        $this->key($this->job, 'bend.2', '3.2', 'rods', ['reason' => 'misread'])->assertOk();
        $this->assertSame('recondition', $this->file()->engine()->parts['rods']->verdict->value, 'more of it is not');
        $this->assertSame('not yet known', $this->job->refresh()->engine_verdict);
    }

    public function test_a_concession_that_was_signed_in_words_goes_on_holding(): void
    {
        foreach (
            [
                'ROD-4 Rod 2 bend' => 'ROD-4/rod.2/bend',
                'VALVE-2 Cylinder 3, intake 2 valve drops by itself' => 'VALVE-2/valve.3.in2/valve_drop',
                'LINE-2 Line of the housings step to the neighbour' => 'LINE-2/line/step_to_neighbour',
                'DECK-4 Deck, bank 2 pits' => 'DECK-4/deck.2/pits',
                'BORE-6 Cylinder 4 pitting' => 'BORE-6/bore.4/pitting',
                'JRNL-2 Main 3 size' => 'JRNL-2/main.3/size',
            ] as $words => $code
        ) {
            $this->assertSame($code, FindingKey::read($words));
            $this->assertSame($code, FindingKey::read($code));
            $this->assertSame($code, FindingKey::read(str_replace('_', ' ', $code)), 'the criterion once stood in words');
        }
        $this->readSheets([Section::Rods], ['bend.2' => '3 thou']);
        $this->sendTo($this->job, 'judge/concessions', [
            'finding' => 'ROD-4/rod.2/bend',
            'worst' => 'it wears the bore',
            'accepted_by' => 'the sawmill',
            'password' => 'a-password',
        ])->assertRedirect();
        $this->besideTheHouse(
            static fn (): int => Observation::query()
                ->where('kind', 'concession')
                ->update(['subject' => 'ROD-4 Rod 2 bend']),
        );
        $this->assertSame('serviceable', $this->file()->engine()->parts['rods']->verdict->value);
    }

    public function test_pitting_that_is_felt_and_does_not_catch_is_a_signed_concession(): void
    {
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['1.2', '0.7', '0.8', '0.5', '0.4', '0.3']);
            foreach (
                [
                    "piston.{$cylinder}" => '3.8106',
                    "ridge.{$cylinder}.top" => '1',
                    "ridge.{$cylinder}.bottom" => '0',
                    "scoring.{$cylinder}" => '0',
                    "crack.{$cylinder}" => '0',
                    "pitting.{$cylinder}" => $cylinder === 2 ? '3' : '0',
                ] as $place => $text
            ) {
                $this->key($this->job, $place, $text)->assertOk();
            }
        }
        $this->assertSame('Cannot stay at standard', $this->job->refresh()->headline);
        $this->sendTo($this->job, 'judge/concessions', [
            'finding' => 'BORE-6/bore.2/pitting',
            'worst' => 'oil use',
            'accepted_by' => 'the sawmill',
            'password' => 'a-password',
        ])->assertRedirect();
        $this->assertSame('Can stay at standard', $this->job->refresh()->headline);
    }

    public function test_the_customer_reads_one_page_in_plain_words(): void
    {
        $this->get("/jobs/{$this->job->tag()}/findings")
            ->assertOk()
            ->assertSee('this is how far we are')
            ->assertSee('Crankshaft: not fully measured yet.');
        $this->readThrough();
        $this->get("/jobs/{$this->job->tag()}/findings")
            ->assertOk()
            ->assertSee('Your engine can be rebuilt, with normal machining.')
            ->assertSee('Mains: grind .010 under')
            ->assertDontSee('JRNL-2');
    }

    public function test_a_package_read_back_is_the_same_package_judged_the_same(): void
    {
        $this->readThrough(['vacuum.1.ex' => '1']);
        $this->sendTo($this->job, 'sheets/crankshaft/checks', ['feature' => 'main', 'master' => '3.0000', 'shows' => '3.0000'])->assertOk();
        $this->sendTo($this->job, 'judge/concessions', [
            'finding' => 'VALVE-3/valve.1.ex/vacuum',
            'worst' => 'it burns oil',
            'accepted_by' => 'the sawmill',
            'password' => 'a-password',
        ])->assertRedirect();
        $json = $this->exported();
        $evaluation = JobPackage::fromJson($json)->evaluate()->toArray();
        $this->assertSame('with machining', $evaluation['engine']['verdict']);
        $this->assertSame(
            ['Mains', 'grind', 254_000],
            [$evaluation['works'][0]['subject'], $evaluation['works'][0]['work'], $evaluation['works'][0]['step_nm']],
        );
        $this->assertRefused('the job is here already, as '.$this->job->tag(), $json);

        $this->forgetEverything();
        $read = $this->readIn($json);
        $this->assertSame([$this->job->tag(), 'with machining'], [$read->tag(), $read->engine_verdict]);
        $this->job = $read;
        $this->assertSame($json, $this->exported(), 'the round trip is exact');
        $this->artisan('ledger:verify')->expectsOutput('1 ledgers walked, every chain is whole.')->assertSuccessful();
        $this->artisan('ledger:recompute')
            ->expectsOutput('1 stored verdicts agree with the recomputed ones, 0 differ.')
            ->assertSuccessful();
        $last = LedgerEntry::query()->where('job_id', $read->id)->orderByDesc('number')->firstOrFail();
        $this->assertSame(['imported', 'owner'], [$last->kind, User::query()->findOrFail($last->user_id)->login]);
        $this->assertStringContainsString(hash('sha256', (string) json_encode(json_decode($json), 320)), $last->payload);
    }

    public function test_what_is_not_by_the_book_goes_with_its_engine(): void
    {
        $this->keyBore($this->job, 1, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        $this->sendTo($this->job, 'sheet', [
            'value' => ['/bore/service/out_of_round' => '.0090', '/bore/service/taper' => '.0120'],
            'scope' => 'engine',
            'words' => 'yard truck',
        ])->assertOk();
        $json = $this->exported();
        $this->forgetEverything();
        $read = $this->readIn($json);
        $this->assertTrue($read->has_own_values);
        $this->job = $read;
        $this->assertSame($json, $this->exported());
        $this->assertSame(228_600, $this->file()->sheet->bore->service->outOfRound?->nanometres);
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_package_from_before_families_had_casting_numbers_is_read_in(): void
    {
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $data = json_decode($this->exported(), true);
        unset($data['sheet']['castings'], $data['sheet']['block']['bore_spacing']);
        $this->forgetEverything();
        $read = $this->readIn(json_encode($data, JSON_THROW_ON_ERROR));
        $this->assertSame($this->job->serial, $read->serial);
    }

    public function test_a_tag_that_is_taken_is_not_taken_away_and_another_sheet_is_refused(): void
    {
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $json = $this->exported();
        $this->forgetEverything();
        $other = $this->job($this->person(Role::Owner));
        DB::statement('SET FOREIGN_KEY_CHECKS = 0');
        Job::query()
            ->whereKey($other->id)
            ->update(['id' => $this->job->id]);
        $this->besideTheHouse(fn (): int => DB::table('ledger_entries')->update(['job_id' => $this->job->id]));
        DB::statement('SET FOREIGN_KEY_CHECKS = 1');
        $this->assertNotSame($this->job->id, $this->readIn($json)->id);
        $data = json_decode($json, true);
        $data['ledger_entries'][0]['request_id'] = $this->ulid();
        $data['sheet']['description'] = 'another';
        $this->assertRefused('the spec book has another sheet', json_encode($data, JSON_THROW_ON_ERROR));
        $data['received']['family_revision'] = 9;
        $this->assertRefused('has no revision 9', json_encode($data, JSON_THROW_ON_ERROR));
    }

    public function test_the_commands_name_what_they_read_in(): void
    {
        $this->artisan('ledger:import', ['file' => '/nowhere.json'])
            ->expectsOutput('/nowhere.json cannot be opened.')
            ->assertFailed();
        Artisan::call('ledger:export', ['tag' => $this->job->tag()]);
        $file = (string) tempnam(sys_get_temp_dir(), 'package');
        file_put_contents($file, Artisan::output());
        $this->forgetEverything();
        $this->artisan('ledger:import', ['file' => $file])->expectsOutputToContain('has no owner yet')->assertFailed();
        $this->person(Role::Owner);
        $this->artisan('ledger:import', ['file' => $file, '--by' => 'nobody'])
            ->expectsOutputToContain('nobody here logs in as')
            ->assertFailed();
        $this->artisan('ledger:import', ['file' => $file])
            ->expectsOutput("{$this->job->tag()}, {$this->job->serial}: 23 entries read in.")
            ->assertSuccessful();
        unlink($file);
    }

    /** Whoever is called the same here is not taken for the one who signed there. */
    public function test_people_of_another_house_stay_its_own(): void
    {
        config(['app.key_folder' => $this->keys('there')]);
        $theirKey = ShopKey::own()->publicKey();
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $json = $this->exported();
        $this->assertSame($theirKey, json_decode($json, true)['house']['key']);
        $this->assertRefused('its signature does not fit', str_replace('"typed": "3.1"', '"typed": "3.2"', $json));

        $this->forgetEverything();
        config(['app.key_folder' => $this->keys('here')]);
        ShopKey::own();
        $ours = $this->person(Role::Inspector);
        $read = $this->readIn($json);
        $writer = $this->writerOf($read);
        $this->assertFalse($writer->is($ours));
        $this->assertSame(['inspector', $theirKey], [$writer->foreign_identity['login'] ?? '', $writer->foreign_identity['key'] ?? '']);
        $this->assertStringContainsString('(key '.explode(' ', ShopKey::fingerprint($theirKey))[0].')', $writer->name);
        $this->job = $read;
        $this->assertSame($json, $this->exported(), 'as long as nothing is written after it, it is the package that came');
        $this->artisan('ledger:verify')->assertSuccessful();

        $this->actingAs(User::query()->where('login', 'owner')->firstOrFail())->get('/people')->assertSee($writer->name);
        $this->post("/people/{$writer->id}/unlock")->assertNotFound();
        $this->post("/people/{$writer->id}/password")->assertNotFound();
        $this->get("/jobs/{$read->tag()}/history")->assertSee('read in from a package')->assertSee($writer->name);
        $this->actingAs($ours);
        $this->stateSetup($read);
        $signer = json_decode($this->exported(), true)['house']['key'];
        $this->assertNotSame($theirKey, $signer, 'what was written here is ours to answer for');

        $package = $this->exported();
        $this->forgetEverything();
        $ours = $this->person(Role::Inspector);
        $again = $this->readIn($package);
        $this->assertFalse($this->writerOf($again)->is($ours), 'our signature makes their people none of ours');
        $this->assertSame($theirKey, $this->writerOf($again)->foreign_identity['key'] ?? '');
        $this->job = $again;
        $this->assertSame($package, $this->exported());
    }

    public function test_a_package_that_this_house_signed_brings_its_own_people_back(): void
    {
        config(['app.key_folder' => $this->keys('here')]);
        ShopKey::own();
        $this->keyBore($this->job, 1, ['3.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        $json = $this->exported();
        $this->forgetEverything();
        $ours = $this->person(Role::Inspector);
        $read = $this->readIn($json);
        $this->assertTrue($this->writerOf($read)->is($ours));
        $this->job = $read;
        $this->assertSame($json, $this->exported());
    }

    public function test_what_is_malformed_is_refused_in_the_language_of_people(): void
    {
        $data = json_decode($this->exported(), true);
        foreach (
            [
                ['received', 'arrival', null],
                ['received', 'arrival', 'by balloon'],
                ['received', 'family_revision', []],
                ['people', 0, ['login' => 'x']],
                ['ledger_entries', 0, []],
                ['house', 'name', 7],
            ] as [$part, $key, $value]
        ) {
            $broken = $data;
            $broken[$part][$key] = $value;
            try {
                $this->readIn(json_encode($broken, JSON_THROW_ON_ERROR));
                $this->fail("{$part}.{$key} was read in.");
            } catch (PackageRefused $refused) {
                $this->assertStringStartsWith('The package cannot be read: ', $refused->getMessage());
                $this->assertDoesNotMatchRegularExpression(
                    '/must be of type|Argument #|Undefined|SQLSTATE|\\\\|backing value/',
                    $refused->getMessage(),
                );
            }
        }
    }

    private function readIn(string $json): Job
    {
        $reader = User::query()->firstWhere('login', 'owner') ?? $this->person(Role::Owner);

        return $this->app->make(ImportPackage::class)->handle(JobPackage::fromJson($json), $reader);
    }

    private function writerOf(Job $job): User
    {
        $first = LedgerEntry::query()->where('job_id', $job->id)->orderBy('number')->firstOrFail();

        return User::query()->findOrFail($first->user_id);
    }

    private function keys(string $name): string
    {
        $folder = storage_path("app/keys-of-a-test-{$name}");
        (new Filesystem())->deleteDirectory($folder);

        return $folder;
    }

    /** @param  array<string, string>  $changes  What is keyed at some places; “-” for nothing */
    private function readThrough(array $changes = []): void
    {
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        }
        $this->readSheets([Section::Crankshaft, Section::Housings, Section::Rods, Section::Deck, Section::Heads], $changes);
    }

    /**
     * @param  list<Section>  $sections
     * @param  array<string, string>  $changes
     */
    private function readSheets(array $sections, array $changes = []): void
    {
        $this->app
            ->make(DemoParts::class)
            ->read($this->job->refresh(), $this->inspector, $sections, $changes + ['main.2.front.0' => '2.6212'], 5);
    }

    private function exported(): string
    {
        return (string) JobPackage::of($this->job->id, ...$this->books())?->toJson();
    }

    private function assertRefused(string $why, string $json): void
    {
        try {
            $this->readIn($json);
            $this->fail('It was read in.');
        } catch (PackageRefused $refused) {
            $this->assertStringContainsString($why, $refused->getMessage());
        }
    }
}
