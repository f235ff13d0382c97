<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Record\Received;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\User;
use Database\Seeders\DemoParts;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Features\Receiving\ClaimCheck;
use NorthLedger\Core\Features\Receiving\ClaimMatch;
use NorthLedger\Core\Inspection\Section;
use Tests\TestCase;

final class ReceivingTest extends TestCase
{
    private User $counter;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->counter = $this->person(Role::FrontCounter);
        $this->job = $this->job($this->counter);
        $this->actingAs($this->counter);
    }

    public function test_parts_are_counted_in_and_the_stage_says_what_is_lacking(): void
    {
        $this->send('receive/parts', ['part' => 'rods', 'state' => 'missing', 'count' => 3, 'remark' => 'number 4 is not here'])
            ->assertOk()
            ->assertJsonPath('head', 2);
        $this->get("/jobs/{$this->job->tag()}/receive")
            ->assertSee('number 4 is not here')
            ->assertSee('Not counted in');
        $this->assertStringContainsString('kinds of part to be counted in', $this->job->refresh()->waits_for);

        $this->countEverything();
        $this->assertSame('pre-check', substr($this->job->refresh()->waits_for, -9));
        $this->get("/jobs/{$this->job->tag()}/receive")->assertSee('one part is not right');
    }

    public function test_the_same_count_sent_twice_is_one_entry(): void
    {
        $count = ['ulid' => $this->ulid(), 'part' => 'rods', 'state' => 'present'];
        $this->send('receive/parts', $count)->assertOk();
        $this->send('receive/parts', $count)->assertOk()->assertJsonPath('head', 2);
        $this->assertSame(1, Observation::query()->count());
    }

    public function test_without_a_script_a_form_leads_back_to_its_page(): void
    {
        $this->post("/jobs/{$this->job->tag()}/receive/parts", [
            'ulid' => $this->ulid(),
            'part' => 'block',
            'state' => 'present',
        ])->assertRedirect("/jobs/{$this->job->tag()}/receive");
    }

    public function test_one_sleeve_on_paper_and_three_in_the_iron_is_a_finding(): void
    {
        $this->send('receive/claims', ['kind' => 'sleeves fitted', 'where' => 'cylinder 2', 'count' => 1])->assertOk();
        foreach ([1, 2, 3] as $cylinder) {
            $this->send('receive/sleeves', ['cylinder' => $cylinder, 'kind' => 'plain'])->assertOk();
        }
        $this->get("/jobs/{$this->job->tag()}/receive")
            ->assertSee('Paperwork differs')
            ->assertSee('3 found so far')
            ->assertSee('WORK-5');

        $this->send('receive/sleeves', [
            'cylinder' => 4,
            'kind' => 'plain',
            'length' => '4.1',
            'kind_below' => 'plain',
            'length_below' => '2.9',
            'joint_felt' => true,
        ])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/receive")
            ->assertSee('a joint lies inside the ring travel')
            ->assertSee('SLV-3');
    }

    public function test_a_sleeve_in_two_pieces_holds_the_job_until_the_customer_says_what_is_done(): void
    {
        $this->send('receive/sleeves', ['cylinder' => 4, 'kind' => 'plain', 'kind_below' => 'plain'])->assertOk();
        $this->assertSame([true, 'the customer: the sleeve of cylinder 4'], [$this->job->refresh()->is_held, $this->job->waits_for]);
        $this->send('receive/sleeves/customer', ['cylinder' => 4, 'answer' => 'accepted'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('how');
        $this->send('receive/sleeves/customer', ['cylinder' => 1, 'answer' => 'accepted', 'how' => 'x'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('cylinder');
        $this->send('receive/sleeves/customer', ['cylinder' => 4, 'answer' => 'accepted', 'how' => 'the ferryman, in person'])->assertOk();
        $this->assertFalse($this->job->refresh()->is_held);
        $this->assertStringContainsString(
            '"worst_outcome":"the pieces move',
            (string) LedgerEntry::query()->where('kind', 'customer answer')->sole()->payload,
            'the concession names what may come of it',
        );

        $this->send('receive/sleeves', ['cylinder' => 4, 'kind' => 'plain', 'length' => '4.0'])->assertOk();
        $this->assertTrue($this->job->refresh()->is_held, 'another finding asks anew');
        $this->send('receive/sleeves/customer', [
            'cylinder' => 4,
            'answer' => 'declined',
            'how' => 'the ferryman, by telephone',
        ])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee('Cylinder 4: the old sleeve comes out and a new one goes in.');
    }

    public function test_a_claim_can_be_judged_and_taken_back(): void
    {
        $this->send('receive/claims', ['kind' => 'deck faced', 'where' => 'deck'])->assertOk();
        $claim = Observation::query()->sole()->subject;
        $this->send('receive/claims/match', ['claim' => $claim, 'match' => 'differs'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/receive")->assertSee('Paperwork differs');
        $this->send('receive/claims/match', ['claim' => $claim, 'match' => 'take back'])->assertOk();
        $this->get("/jobs/{$this->job->tag()}/receive")->assertDontSee('Paperwork differs');
        $this->send('receive/claims/match', ['claim' => $claim, 'match' => 'agrees'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('claim');
    }

    /** Story 1: every line of the paper is answered by what is read, whoever says otherwise. */
    public function test_readings_answer_the_paper_by_themselves(): void
    {
        foreach (['crankshaft ground', 'valve seats cut', 'guides replaced', 'balanced'] as $kind) {
            $size = $kind === 'crankshaft ground' ? '10 under' : '';
            $this->send('receive/claims', ['kind' => $kind, 'where' => '', 'size' => $size])->assertOk();
        }
        $claims = static fn (Received $received): array => array_map(
            static fn (ClaimCheck $check): ClaimMatch => $check->match,
            $received->claims,
        );
        $received = fn (): Received => Received::of($this->app->make(JobFiles::class)->open($this->job->refresh()));
        $this->assertSame(array_fill(0, 4, ClaimMatch::NotChecked), $claims($received()));

        $worn = ['guide.2.ex' => '.3556', 'bigendmass.3' => '520.0', 'smallendmass.3' => '190.0'];
        $sheets = [Section::Crankshaft, Section::Heads, Section::Rods];
        $this->app->make(DemoParts::class)->read($this->job, $this->person(Role::Inspector), $sheets, $worn, 3);
        $this->assertSame(
            [ClaimMatch::Differs, ClaimMatch::Agrees, ClaimMatch::Differs, ClaimMatch::Differs],
            $claims($received()),
        );
        $this->get("/jobs/{$this->job->tag()}/receive")
            ->assertSee('stands at standard')
            ->assertSee('cylinder 2, exhaust: stem clearance');
    }

    public function test_nonsense_is_refused_with_what_to_do_and_writes_nothing(): void
    {
        $this->send('receive/parts', ['part' => 'turbine', 'state' => 'present'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['part' => 'This family has no such part.']);
        $this->send('receive/parts', ['part' => 'rods', 'state' => 'perhaps'])->assertUnprocessable();
        $this->send('receive/parts', ['part' => 'rods', 'state' => 'missing', 'count' => 'a few'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['count' => 'A whole number.']);
        $this->send('receive/claims', ['kind' => 'sleeves fitted', 'where' => 'cylinder 2'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['count' => 'How many']);
        $this->send('receive/claims', ['kind' => 'rebored', 'size' => 'somewhat'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('size');
        $this->send('receive/sleeves', ['cylinder' => 9, 'kind' => 'none'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['cylinder' => 'no cylinder 9']);
        $this->send('receive/sleeves', ['cylinder' => 1, 'kind' => 'flanged', 'length' => '-3'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('length');
        $this->send('receive/found', ['kind' => 'sleeves fitted', 'count' => 2])
            ->assertUnprocessable()
            ->assertJsonValidationErrors('kind');
        $this->assertSame(1, LedgerEntry::query()->count());
    }

    public function test_the_same_serial_shows_its_earlier_job_with_its_last_sizes(): void
    {
        $inspector = $this->person(Role::Inspector);
        $this->actingAs($inspector);
        $this->stateSetup($this->job);
        $this->keyBore($this->job, 1, ['2.0', '1.5', '1.4', '1.2', '1.0', '0.9']);
        $this->get('/seen?serial='.urlencode($this->job->serial))
            ->assertSee($this->job->tag())
            ->assertSee('came in at 1: 3.8145');
        $this->get('/seen?serial=')->assertDontSee($this->job->tag());

        $later = $this->job($inspector);
        $later->update(['serial' => $this->job->serial]);
        $this->get("/jobs/{$later->tag()}/receive")
            ->assertSee('Seen before')
            ->assertSee($this->job->tag());
        $this->get("/jobs/{$this->job->tag()}/receive")->assertDontSee('Seen before');
    }

    public function test_a_tag_carries_the_jobs_address_once_or_eight_times(): void
    {
        $this->assertSame(
            1,
            substr_count(
                (string) $this->get("/jobs/{$this->job->tag()}/tag")
                    ->assertOk()
                    ->getContent(),
                'data-qr="http',
            ),
        );
        $sheet = (string) $this->get("/jobs/{$this->job->tag()}/tag?print=sheet")
            ->assertSee($this->job->serial)
            ->getContent();
        $this->assertSame(8, substr_count($sheet, "/jobs/{$this->job->tag()}\""));
    }

    public function test_what_others_write_comes_with_the_clock_and_nothing_else_without_news(): void
    {
        $this->getJson("/jobs/{$this->job->tag()}/live/receive?since=1")
            ->assertOk()
            ->assertJsonPath('fragments', []);
        $this->send('receive/parts', ['part' => 'rods', 'state' => 'present']);
        $answer = $this->getJson("/jobs/{$this->job->tag()}/live/receive?since=1")->assertOk();
        $this->assertSame(['parts', 'claims', 'sleeves', 'photos', 'margin'], array_keys($answer->json('fragments')));
        $this->getJson("/jobs/{$this->job->tag()}/live/plan?since=1")->assertNotFound();
    }

    private function countEverything(): void
    {
        foreach (
            [
                'block',
                'main-caps',
                'crankshaft',
                'flywheel',
                'main-shells',
                'pistons',
                'pins',
                'camshaft',
                'lifters',
                'timing',
                'heads',
                'valves',
                'springs',
                'rockers',
                'pushrods',
                'sump',
                'oil-pump',
                'front-cover',
                'manifolds',
                'water-pump',
                'fuel',
                'ignition',
            ] as $part
        ) {
            $this->send('receive/parts', ['part' => $part, 'state' => 'present'])->assertOk();
        }
    }

    /** @param  array<string, mixed>  $form */
    private function send(string $path, array $form, ?Job $job = null): TestResponse
    {
        return $this->sendTo($job ?? $this->job, $path, $form);
    }
}
