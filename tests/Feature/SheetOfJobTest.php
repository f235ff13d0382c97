<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Package\JobPackage;
use App\People\Role;
use App\Record\JobFiles;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\SpecBook;
use App\Storage\SpecificationRevision;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\SourceKind;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use Tests\TestCase;

/** An engine of which little is known: limits are put in where they are missed, a newer sheet is taken over, and one engine may differ. */
final class SheetOfJobTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->actingAs($this->inspector);
        $this->post('/specs/new', [
            'name' => 'Glen 4-140',
            'unit' => 'in',
            'layout' => 'in-line',
            'cylinders' => '4',
            'made' => 'in the block',
            'block' => 'grey iron',
            'head' => 'grey iron',
            'valve_train' => 'overhead valve',
            'bore' => '3.8125',
            'stroke' => '3.5',
            'oversizes' => '20 30',
            'source' => 'manual',
            'words' => 'card in the glove box',
        ])->assertRedirect('/specs/glen-4-140');
        $this->job = $this->job($this->inspector, 'glen-4-140');
        $this->stateSetup($this->job);
    }

    public function test_every_page_of_an_engine_with_seven_answers_opens(): void
    {
        $this->readWorn();
        foreach (
            ['receive', 'clean', 'cracks', 'measure', 'judge', 'plan', 'work', 'verify', 'release', 'history', 'findings', 'sheet'] as $page
        ) {
            $this->get("/jobs/{$this->job->tag()}/{$page}")->assertOk();
        }
        foreach (['crankshaft', 'housings', 'rods', 'deck', 'heads', 'weights', 'volumes'] as $sheet) {
            $this->get("/jobs/{$this->job->tag()}/measure/{$sheet}")->assertOk();
        }
        $this->get('/jobs/'.$this->job->tag().'/judge')
            ->assertSee('no limit known')
            ->assertSee('No limit known');
        $this->get('/jobs/'.$this->job->tag().'/measure/volumes')->assertSee('not known');
        $this->get('/jobs/'.$this->job->tag().'/measure/weights')->assertSee('not known');
    }

    public function test_an_hourglass_is_told_by_its_sign_and_its_name(): void
    {
        $this->keyBore($this->job, 1, ['5.1', '4.0', '3.0', '3.2', '5.0', '4.1']);
        $this->get("/jobs/{$this->job->tag()}/measure")
            ->assertSee('title="hourglass"', false)
            ->assertSee(')(');
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('hourglass')
            ->assertDontSee('waist');
    }

    public function test_a_mixed_valve_train_goes_through_every_sheet(): void
    {
        $document = json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $this->app
            ->make(SpecBook::class)
            ->add(
                ['family' => 'moss-4', 'name' => 'Moss 4', 'valve_train' => 'intake over exhaust'] + $document,
                'trial',
                $this->inspector,
            );
        $this->job = $this->job($this->inspector, 'moss-4');
        $this->key($this->job, 'vacuum.2.ex', '1', 'heads')->assertOk();
        $this->key($this->job, 'vacuum.2.in', '0', 'heads')->assertOk();
        foreach (['', '/crankshaft', '/housings', '/rods', '/deck', '/heads', '/weights', '/volumes'] as $sheet) {
            $this->get("/jobs/{$this->job->tag()}/measure{$sheet}")->assertOk();
        }
        foreach (['receive', 'clean', 'cracks', 'judge', 'plan', 'findings'] as $page) {
            $this->get("/jobs/{$this->job->tag()}/{$page}")->assertOk();
        }
        $this->get("/jobs/{$this->job->tag()}/receive")->assertSee('pushrods, intake');
        $this->get("/jobs/{$this->job->tag()}/cracks?part=block")->assertOk();
        $parts = $this->file()->engine()->parts;
        $this->assertSame(
            [1, 0],
            [
                count(array_filter($parts['block']->findings, static fn (Finding $one): bool => $one->outcome === Outcome::Fail)),
                count(array_filter($parts['head']->findings, static fn (Finding $one): bool => $one->outcome === Outcome::Fail)),
            ],
        );
    }

    public function test_a_face_whose_span_is_small_is_read_closer(): void
    {
        $document = json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $document['deck']['local_span'] = '1.0000';
        $this->app->make(SpecBook::class)->add(['family' => 'moss-6', 'name' => 'Moss 6'] + $document, 'trial', $this->inspector);
        $this->job = $this->job($this->inspector, 'moss-6');
        $this->get("/jobs/{$this->job->tag()}/measure/deck")
            ->assertOk()
            ->assertSee('deck.1.a1x1', false);
        $this->stateSetup($this->job, 'deck', ['feature' => 'deck', 'instrument' => 'dial indicator', 'zero' => ''])->assertOk();
        $this->key($this->job, 'deck.1.a1', '0', 'deck')->assertOk();
        $this->key($this->job, 'deck.1.a1x1', '0.2', 'deck')->assertOk();
        $this->get("/jobs/{$this->job->tag()}/measure/deck")
            ->assertOk()
            ->assertSee('a1x1');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_torques_notes_and_parts_of_a_family_come_to_who_needs_them(): void
    {
        $document = json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $this->app->make(SpecBook::class)->add(
            [
                'family' => 'moss-5',
                'name' => 'Moss 5',
                'torques' => [['fastener' => 'main cap bolts', 'torque' => '85 ft lb, oiled']],
                'parts' => [['key' => 'governor', 'words' => 'governor with linkage', 'count' => 1, 'rare' => true]],
                'build_notes' => 'Cap 1 carries the front seal.',
                'stamped' => [['face' => 'deck', 'x' => 500, 'y' => 100, 'words' => 'engine number']],
                'rings' => [['gap_by_use' => ['hard' => ['least' => '.018', 'most' => '.024']]] + $document['rings'][0]],
            ] + $document,
            'trial',
            $this->inspector,
        );
        $this->job = $this->job($this->inspector, 'moss-5');
        $this->get("/jobs/{$this->job->tag()}/receive")->assertSee('governor with linkage (rare, often missing)');
        $this->sendTo($this->job, 'receive/parts', ['part' => 'family-governor', 'state' => 'missing'])->assertSuccessful();
        $this->get('/specs/moss-5')->assertSee('85 ft lb, oiled')->assertSee('Cap 1 carries the front seal.');
        $this->get('/specs/moss-5/edit')->assertSee('value="add torques"', false)->assertSee('data-list="/stamped"', false);
        $this->get("/jobs/{$this->job->tag()}/measure/deck")->assertSee('<title>engine number</title>', false);
        $this->stateSetup($this->job);
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['9.6', '5.2', '4.0', '3.0', '1.2', '0.8']);
        }
        $this->post("/jobs/{$this->job->tag()}/plan", ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertRedirect();
        $this->get("/jobs/{$this->job->tag()}/work")
            ->assertSee('Main cap bolts')
            ->assertSee('85 ft lb, oiled')
            ->assertSee('front seal');
        $this->get("/jobs/{$this->job->tag()}/work")->assertSee('Top ring: end gap 0.0100 to 0.0200 in');
        $this->job->update(['usage' => 'hard']);
        $this->get("/jobs/{$this->job->tag()}/work")->assertSee('Top ring: end gap 0.0180 to 0.0240 in, for hard use');
    }

    public function test_parts_of_unknown_size_are_read_and_shown_without_a_limit(): void
    {
        $keyed = [
            'crankshaft' => ['main.1.front.0' => '2.4990', 'main.1.rear.0' => '2.4986', 'runout.2' => '.002', 'endplay.1' => '.006'],
            'housings' => ['housing.1.0' => '2.6910', 'housing.1.90' => '2.6916', 'offset.1' => '0', 'offset.2' => '.001'],
            'rods' => ['bigend.1.front.0' => '2.2502', 'bend.1' => '.001'],
            'deck' => ['deck.1.a1' => '0', 'headheight.1' => '3.2500'],
            'heads' => ['guide.1.in' => '.3435', 'stem.1.in' => '.3410', 'seatwidth.1.in' => '.060'],
            'volumes' => ['chamber.1' => '67.7'],
            'weights' => ['weight.1' => '548'],
        ];
        $showsSizes = [
            ['crankshaft', 'main', 'outside micrometer'],
            ['housings', 'housing', 'inside micrometer'],
            ['rods', 'bigend', 'inside micrometer'],
            ['heads', 'guide', 'digital caliper'],
            ['heads', 'stem', 'outside micrometer'],
            ['heads', 'seatwidth', 'digital caliper'],
            ['deck', 'headheight', 'digital caliper'],
        ];
        foreach ($showsSizes as [$sheet, $feature, $gauge]) {
            $answer = $this->stateSetup($this->job, $sheet, [
                'feature' => $feature,
                'instrument' => $gauge,
                'reading_unit' => null,
                'zero' => null,
            ]);
            $this->assertSame(200, $answer->status(), "{$feature}: {$answer->getContent()}");
        }
        foreach ($keyed as $sheet => $readings) {
            foreach ($readings as $place => $text) {
                $answer = $this->key($this->job, $place, $text, $sheet);
                $this->assertSame(200, $answer->status(), "{$place}: {$answer->getContent()}");
            }
            $this->get("/jobs/{$this->job->tag()}/measure/{$sheet}")->assertOk();
        }
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('Crankshaft, mains, diameter')
            ->assertSee('Valves, intake, stem clearance')
            ->assertSee('a limit for');
        $this->stateSetup($this->job, 'deck', ['feature' => 'deckheight', 'instrument' => 'outside micrometer', 'zero' => null]);
        $this->assertStringContainsString(
            'An outside micrometer does not reach',
            (string) $this->key($this->job, 'deckheight.1', '9.1700', 'deck')->getContent(),
        );
        $this->keyLimits(['/crankshaft/mains/diameter' => '2.4985-2.4995', '/crankshaft/end_play' => '.004-.008'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertDontSee('Crankshaft, mains, diameter');
        $this->get("/jobs/{$this->job->tag()}/measure/crankshaft")->assertOk();
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_limit_put_in_where_it_is_missed_is_the_next_revision_and_judges_at_once(): void
    {
        $this->readWorn();
        $this->assertSame([Outcome::NoLimit, CanStay::NotYetKnown], $this->roundness());
        $this->keyLimits(['/bore/service/out_of_round' => '.002', '/bore/service/taper' => '5 thou'])->assertOk();
        $this->assertSame([Outcome::Fail, CanStay::No], $this->roundness());
        $this->assertSame(2, $this->job->refresh()->family_revision);
        $source = $this->file()->sheet->sourceOf('/bore/service/out_of_round');
        $this->assertSame([SourceKind::Manual, 'page 12'], [$source?->kind, $source?->words]);
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('Out-of-round 3.2 thou, limit 2.0')
            ->assertDontSee('limit-0" class="num" name="value[/bore/service/taper]', false);
        $this->get("/jobs/{$this->job->tag()}/history")
            ->assertSee('service, out-of-round .002; service, taper 5 thou')
            ->assertSee('revision 2 · page 12');
        $this->artisan('ledger:verify')->assertSuccessful();
        $this->artisan('ledger:recompute')->assertSuccessful();
        $this->assertSameAsTheHouse();
    }

    public function test_a_size_is_planned_without_knowing_the_walls_and_that_is_said(): void
    {
        $this->readWorn();
        $this->keyLimits(['/bore/service/out_of_round' => '.002']);
        $this->get("/jobs/{$this->job->tag()}/plan")->assertSee('nobody measured them: measure them before metal is cut');
        $this->keyLimits(['/bore/wall/standard' => '.2', '/bore/wall/minimum' => '.15'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/plan")->assertDontSee('before metal is cut');
    }

    public function test_sent_twice_it_is_one_revision(): void
    {
        $ulid = $this->ulid();
        $this->keyLimits(['/bore/service/taper' => '.005'], ulid: $ulid)->assertOk();
        $this->keyLimits(['/bore/service/taper' => '.005'], ulid: $ulid)->assertOk();
        $this->assertSame(2, SpecificationRevision::query()->where('family', 'glen-4-140')->count());
        $this->assertSame(1, LedgerEntry::query()->where('job_id', $this->job->id)->where('kind', 'sheet taken over')->count());
    }

    public function test_another_job_takes_the_newer_sheet_over_when_somebody_says_so(): void
    {
        $other = $this->job($this->inspector, 'glen-4-140');
        $this->keyLimits(['/bore/service/taper' => '.005']);
        $this->assertSame(1, $other->refresh()->family_revision);
        $this->get("/jobs/{$other->tag()}/judge")
            ->assertSee('judged by revision 1')
            ->assertSee('not there → .005');
        $this->sendTo($other, 'sheet/revision', ['revision' => 9])->assertUnprocessable();
        $this->sendTo($other, 'sheet/revision', ['revision' => 2])->assertOk();
        $this->assertSame(2, $other->refresh()->family_revision);
        $this->get("/jobs/{$other->tag()}/judge")->assertDontSee('judged by revision 1');
    }

    public function test_one_engine_differs_from_the_book_and_every_paper_says_so(): void
    {
        $this->readWorn();
        $this->keyLimits(['/bore/service/out_of_round' => '.002']);
        $this->keyLimits(['/bore/service/out_of_round' => '.009'], 'engine', 'for the yard truck, agreed by J. Moor')->assertOk();
        $this->assertSame(Outcome::Pass, $this->roundness()[0]);
        $this->assertSame(
            '.002',
            json_decode($this->app->make(SpecBook::class)->document('glen-4-140', 2), true)['bore']['service']['out_of_round'],
        );
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertSee('This engine differs from the book.')
            ->assertSee('.009 instead of .002: for the yard truck, agreed by J. Moor')
            ->assertSee('(agreed for this engine)');
        $this->assertSameAsTheHouse();
        $this->artisan('ledger:recompute')->assertSuccessful();

        $this->keyLimits(['/bore/service/out_of_round' => '.002'], 'engine', 'back to the book')->assertOk();
        $this->assertSame(Outcome::Fail, $this->roundness()[0]);
        $this->get("/jobs/{$this->job->tag()}/judge")->assertDontSee('This engine differs from the book.');
    }

    public function test_the_shops_own_limit_judges_where_the_book_is_silent_and_is_called_so(): void
    {
        $this->readWorn();
        $this->app
            ->make(PolicyBook::class)
            ->add(
                ['house_limits' => ['bores' => ['out_of_round' => '.0020']]] + $this->app->make(PolicyBook::class)->document(0),
                $this->inspector->id,
            );
        $this->assertSame([Outcome::Fail, CanStay::No], $this->roundness());
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee('limit 2.0 (a house limit)');
        $this->get("/jobs/{$this->job->tag()}/measure")->assertSee('(a house limit)');
        $this->assertSameAsTheHouse();
        $this->keyLimits(['/bore/service/out_of_round' => '.0040']);
        $this->assertSame(Outcome::Pass, $this->roundness()[0], 'now the book says it');
        $this->get("/jobs/{$this->job->tag()}/judge")->assertDontSee('(a house limit)');
    }

    public function test_what_cannot_be_a_limit_is_asked_again_and_nothing_is_stored(): void
    {
        foreach (
            [
                ['/bore/service/taper' => 'wide'],
                ['/no/such/place' => '1'],
                ['/piston/clearance' => '.004-.002'],
                ['/bore/service/taper' => ''],
            ] as $values
        ) {
            foreach (['family', 'engine'] as $scope) {
                $this->keyLimits($values, $scope)->assertUnprocessable()->assertJsonValidationErrors('value');
            }
        }
        $this->keyLimits(['/bore/service/taper' => '.005'], words: '')
            ->assertUnprocessable()
            ->assertJsonValidationErrors('words');
        $this->assertSame(
            [1, 1, false],
            [$this->job->refresh()->family_revision, SpecificationRevision::query()->count(), $this->job->has_own_values],
        );
    }

    public function test_who_only_works_by_the_book_changes_neither(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->keyLimits(['/bore/service/taper' => '.005'])->assertForbidden();
        $this->sendTo($this->job, 'sheet/revision', ['revision' => 2])->assertForbidden();
        $this->get("/jobs/{$this->job->tag()}/sheet")->assertForbidden();
    }

    private function readWorn(): void
    {
        foreach ([1, 2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['5.1', '1.9', '2.2', '1.5', '1.0', '0.8']);
        }
    }

    /** @return array{Outcome, CanStay} Of the first bore */
    private function roundness(): array
    {
        $bore = $this->file()->assessment()->bores[0];

        return [$bore->finding(Criterion::OutOfRound)->outcome, $bore->canStay];
    }

    /** @param  array<string, string>  $values */
    private function keyLimits(array $values, string $scope = 'family', string $words = 'page 12', ?string $ulid = null): TestResponse
    {
        return $this->sendTo(
            $this->job,
            'sheet',
            ['value' => $values, 'scope' => $scope, 'words' => $words, 'source' => 'manual'] + ($ulid === null ? [] : ['ulid' => $ulid]),
        );
    }

    private function assertSameAsTheHouse(): void
    {
        $package = JobPackage::of($this->job->id, ...$this->books());
        $evaluation = $package?->evaluate()->toArray();
        $house = $this->app->make(JobFiles::class)->open($this->job->refresh())->assessment();
        $this->assertSame($house->verdict->value, $evaluation['verdict'] ?? null);
        $this->assertSame(
            $house->bores[0]->finding(Criterion::OutOfRound)->outcome->value,
            array_column($evaluation['bores'][0]['findings'], 'outcome', 'criterion')['out_of_round'],
        );
    }
}
