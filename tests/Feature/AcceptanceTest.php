<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Record\WeightList;
use App\Storage\Job;
use App\Storage\Release;
use App\Storage\Stage;
use App\Storage\User;
use Database\Seeders\DemoParts;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Receiving\Arrival;
use NorthLedger\Core\Features\Receiving\Purpose;
use NorthLedger\Core\Features\Weights\WeightDifference;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Verification\AcceptanceState;
use Opis\JsonSchema\Validator;
use Tests\TestCase;

/** Stories 10 and 15, as far as limits of new work go: what another shop did, and new parts, are accepted or returned (WORK-5). */
final class AcceptanceTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->inspector = $this->person(Role::Inspector);
        $this->actingAs($this->inspector);
    }

    public function test_new_rods_with_taper_go_back_with_their_sheet(): void
    {
        $this->receive('brae-v8-311', Arrival::RodsOnly);
        $this->assertSame(Stage::Measure, $this->job->stage);
        $this->get($this->url('measure'))->assertRedirect($this->url('measure/rods'));
        $tapered = ['bigend.3.rear.0' => '0.9 thou', 'bigend.3.rear.90' => '0.9 thou'];
        $this->app->make(DemoParts::class)->read($this->job, $this->inspector, [Section::Rods], $tapered, 5);

        $this->assertSame('accept or return: rods', $this->job->refresh()->waits_for);
        $this->get($this->url('verify'))->assertOk()->assertSee('Rod 3')->assertDontSee('Cylinder bores');
        $this->get($this->url('judge'))
            ->assertOk()
            ->assertSee(__('verify.judged_only'))
            ->assertSee('The page for the customer')
            ->assertDontSee('may stay');
        $this->get($this->url('findings'))
            ->assertOk()
            ->assertSee('Some of what we checked is out of its limits.')
            ->assertSee('Rod 3: Big end, taper')
            ->assertDontSee('What can be done')
            ->assertDontSee('Prices are')
            ->assertDontSee('rebuilt');
        $this->answer('rods', 'accepted')->assertSessionHasErrors('part');
        $this->answer('rods', 'returned')->assertSessionHasErrors('reason');
        $this->answer('block', 'returned', 'it did not come')->assertSessionHasErrors('part');
        $this->sign()->assertSessionHasErrors(['sign' => 'Neither accepted nor returned yet: rods.']);
        $this->answer('rods', 'returned', 'rod 3 is tapered')->assertSessionDoesntHaveErrors();
        $this->get($this->url('verify/parts/rods'))->assertOk()->assertSee('Rod 3')->assertSee('rod 3 is tapered')->assertSee('Gauges');
        $this->get($this->url('verify/parts/block'))->assertNotFound();
        $this->get($this->url('findings'))->assertSee('Returned by');
        $this->sign()->assertSessionDoesntHaveErrors();

        $report = json_decode(Release::query()->sole()->certificate, true, 32, JSON_THROW_ON_ERROR);
        $this->assertSame('Rods', $report['checked'][0]['part']);
        $this->assertStringContainsString('Returned by', $report['checked'][0]['answer']);
        $this->get($this->url('certificate'))->assertOk()->assertSee('Inspection report')->assertDontSee('Work on the bores');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_what_is_found_after_a_part_was_accepted_opens_it_again(): void
    {
        $this->receive('brae-v8-311', Arrival::RodsOnly);
        $weights = [];
        foreach (range(1, 8) as $rod) {
            $weights += ["bigendmass.{$rod}" => '430.0', "smallendmass.{$rod}" => '176.0'];
        }
        $this->app->make(DemoParts::class)->read($this->job, $this->inspector, [Section::Rods], $weights, 5);
        $this->answer('rods', 'accepted')->assertSessionDoesntHaveErrors();
        $this->assertSame(Stage::Release, $this->job->refresh()->stage);

        $later = ['place' => 'bend.4', 'text' => '9 thou', 'reason' => 'read again', 'confirmed' => true];
        $this->sendTo($this->job, 'sheets/rods/readings', $later)->assertOk();
        $this->assertSame(Stage::Verify, $this->job->refresh()->stage);
        $this->sign()->assertSessionHasErrors('sign');
    }

    /** A bore that would pass as worn does not pass as new; without the torque plate it proves nothing. */
    public function test_bores_of_another_shop_are_held_against_the_limits_of_new_work_under_the_conditions_of_the_sheet(): void
    {
        $this->receive('quern-3-16', Arrival::ShortBlock);
        $this->stateSetup($this->job, 'bores', ['zero' => '84.250', 'reading_unit' => 'um', 'torque_plate' => false])->assertOk();
        foreach ([1, 2, 3] as $cylinder) {
            $six = $cylinder === 2 ? ['34', '33', '28', '27', '20', '20'] : ['20', '19', '19', '19', '18', '18'];
            $this->keyBore($this->job, $cylinder, $six);
        }
        $block = $this->file()->acceptance()->parts()['block'];
        $this->assertSame(AcceptanceState::Out, $block->state());
        $this->assertSame('bore.2', $block->failing()[0]->about->code);
        $this->assertNotSame([], $block->lacking, 'no torque plate was stated');
        $this->get($this->url('verify'))->assertSee('torque plate on');
        $this->get($this->url('receive'))->assertDontSee('/plan"', false);
        $form = ['ulid' => $this->ulid(), 'option' => 'bore 250000', 'reason' => 'all the same'];
        $this->post($this->url('plan'), $form)->assertSessionHasErrors('option');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    /** Story 10: weights to a hundredth of a gram beside the list that came, with the doubt of the difference. */
    public function test_a_list_of_weights_is_held_against_our_own(): void
    {
        $this->receive('quern-3-16', Arrival::Complete);
        $keep = fn (string $list): TestResponse => $this->sendTo($this->job, 'weights/list', ['list' => $list, 'from' => 'Weir & Co']);
        foreach (
            [
                'piston one 412.30' => 'Line 1 says “piston one 412.30”',
                "piston 1 412.30\n\npiston 7 412.30" => 'Line 2 names number 7',
                "piston 1 412.30\npistons 1 412.3" => 'stands in the list already',
                'piston 1 0.00' => 'Line 1:',
            ] as $list => $complaint
        ) {
            $this->assertStringContainsString($complaint, (string) $keep($list)->assertStatus(422)->json('errors.list.0'));
        }
        $list = ['piston 1 412.30', 'Piston 2, 412.35', 'piston 3; 412.3', 'big end 1 430.10', 'rings 2 31.0'];
        $keep(implode("\n", $list))->assertRedirect();
        $this->key($this->job, 'weight.1', '412.32', 'weights')->assertOk();
        $this->assertNull(WeightList::of($this->file())?->lines[0]->doubt, 'nobody has said what it was weighed on');

        $scale = ['feature' => 'weight', 'instrument' => 'scale 0.01 g', 'reading_unit' => null, 'zero' => null];
        $this->stateSetup($this->job, 'weights', $scale)->assertOk();
        foreach (['weight.1' => '412.32', 'weight.2' => '412.41', 'weight.3' => '412.35'] as $place => $grams) {
            $this->key($this->job, $place, $grams, 'weights', ['reason' => 'on the fine scale'])->assertOk();
        }
        $says = array_map(
            static fn (WeightDifference $one): array => [$one->micrograms, $one->agrees()],
            WeightList::of($this->file())->lines ?? [],
        );
        $this->assertSame([[20_000, true], [60_000, false], [50_000, true], [null, null], [null, null]], $says);
        $this->get($this->url('measure/weights'))
            ->assertOk()
            ->assertSee('Their list, by Weir &amp; Co', false)
            ->assertSee('+0.06 ±0.03')
            ->assertSee('differs')
            ->assertSee('not weighed here');
        $this->get($this->url('verify/parts/rods'))->assertOk()->assertSee('+0.06 ±0.03');
        $keep('')->assertRedirect();
        $this->assertNull(WeightList::of($this->file()), 'taken away again');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_an_inspection_says_what_parts_are_worth_and_comes_to_no_work(): void
    {
        $this->receive('brae-v8-311', Arrival::CrankshaftOnly, Purpose::Inspection);
        $this->sign()->assertSessionHasErrors(['sign' => 'Not yet known: crankshaft.']);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Crankshaft);
        $this->assertSame(Stage::Measure, $this->job->refresh()->stage);
        $this->app->make(DemoParts::class)->read($this->job, $this->inspector, [Section::Crankshaft], ['mainscore.2' => '2 thou'], 5);

        $this->assertSame([Stage::Release, 'a signature'], [$this->job->refresh()->stage, $this->job->waits_for]);
        $page = $this->get($this->url('judge'))->assertOk()->assertDontSee('<h2>Next</h2>', false);
        foreach (['plan', 'work', 'verify'] as $stage) {
            $page->assertDontSee("/jobs/{$this->job->tag()}/{$stage}\"", false);
        }
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'parts' => ['mains' => 'polish']])->assertSessionHasErrors(['option']);
        $this->get($this->url('findings'))->assertSee('Good after normal machining');
        $this->assertNull($this->job->load_work);
        $this->sign()->assertSessionDoesntHaveErrors();

        $release = Release::query()->sole();
        $schema = (string) file_get_contents(resource_path('documents/certificate.schema.json'));
        $this->assertTrue(
            (new Validator())->validate(json_decode($release->certificate, false, 32, JSON_THROW_ON_ERROR), $schema)->isValid(),
        );
        $report = json_decode($release->certificate, true, 32, JSON_THROW_ON_ERROR);
        $this->assertSame(
            ['inspection', 'Crankshaft', 'Good after normal machining'],
            [$report['purpose'], $report['checked'][0]['part'], $report['checked'][0]['answer']],
        );
        $this->assertNotSame([], $report['checked'][0]['out'], 'and why');
        $this->get($this->url('certificate'))->assertOk()->assertSee('Inspection report');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    private function receive(string $family, Arrival $arrival, Purpose $purpose = Purpose::Check): void
    {
        $this->post('/jobs', [
            'ulid' => $this->ulid(),
            'family' => $family,
            'serial' => 'X-1',
            'customer' => 'Hill-climb club',
            'due_on' => '2030-01-15',
            'arrival' => $arrival->value,
            'purpose' => $purpose->value,
        ])->assertSessionDoesntHaveErrors();
        $this->job = Job::query()->latest('id')->firstOrFail();
    }

    private function answer(string $part, string $answer, string $reason = ''): TestResponse
    {
        return $this->post($this->url('verify/parts'), [
            'ulid' => $this->ulid(),
            'part' => $part,
            'answer' => $answer,
            'reason' => $reason,
        ]);
    }

    private function sign(): TestResponse
    {
        return $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password']);
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }

    private function url(string $page): string
    {
        return "/jobs/{$this->job->tag()}/{$page}";
    }
}
