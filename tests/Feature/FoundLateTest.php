<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\OperationTick;
use App\Storage\Stage;
use App\Storage\StoredOrder;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Assessment\EngineVerdict;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Cracks\CrackState;
use NorthLedger\Core\Verification\VerificationState;
use Tests\TestCase;

/** What is found after the order is made stops the work, and nothing is signed over it (VER-6, CRACK-5a). */
final class FoundLateTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
    }

    public function test_a_crack_that_a_machinist_sees_in_a_bore_stops_that_cylinder_and_the_signature(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->machinist);
        $this->post($this->url('work/flaws'), ['ulid' => $this->ulid(), 'cylinder' => 9, 'look' => 'sharp line'])->assertSessionHasErrors(
            'cylinder',
        );
        $this->post($this->url('work/flaws'), ['ulid' => $this->ulid(), 'cylinder' => 2, 'look' => 'nothing'])->assertSessionHasErrors(
            'look',
        );
        $this->flaw(2, 'sharp line')->assertSessionDoesntHaveErrors();

        $this->assertSame(CrackState::Suspect, $this->file()->record->cracks()->part(EnginePart::Block)->state);
        $this->get($this->url('work'))->assertOk()->assertSee('Stopped')->assertSee('bore wall, cylinder 2: suspect');
        $this->actingAs($this->inspector);
        $this->readFinished();
        $this->assertNotSame(Stage::Release, $this->job->refresh()->stage, 'finished readings do not close what is stopped');
        $this->assertRefused('bore wall, cylinder 2');
    }

    public function test_a_patch_that_stays_is_asked_about_before_the_bore_goes_on(): void
    {
        $this->chooseTwentyOver();
        $this->tickUpTo('bore.1');
        $this->actingAs($this->machinist);
        $this->flaw(1, 'patch that will not clean up', 'a dull spot at 4 o’clock')->assertSessionDoesntHaveErrors();
        $this->tick('hone.1', actual: '3.8327')->assertSessionHasErrors('hone.1');
        $this->tick('bore.2', actual: '3.8285')->assertSessionDoesntHaveErrors();
        $this->get($this->url('cracks'))->assertSee('a dull spot at 4 o’clock');
    }

    public function test_a_crack_keyed_as_a_look_is_an_indication_of_the_block(): void
    {
        $this->readWorn();
        $this->key($this->job, 'crack.3', '1')->assertOk();
        $cracks = $this->file()->record->cracks();
        $this->assertSame([CrackState::Suspect, 3], [$cracks->part(EnginePart::Block)->state, $cracks->suspects()[0]->location->cylinder]);
        $this->get($this->url('cracks'))->assertOk()->assertSee('cylinder 3');
        $this->key($this->job, 'crack.3', '0', changes: ['reason' => 'misread'])->assertOk();
        $this->assertSame(
            CrackState::NoIndicationFound,
            $this->file()->record->cracks()->part(EnginePart::Block)->state,
            'taken back, it is none',
        );
    }

    public function test_a_part_that_is_not_checked_for_cracks_is_not_yet_known(): void
    {
        $this->assertSame(EngineVerdict::NotYetKnown, $this->file()->engine()->verdict);
        $this->get($this->url('judge'))->assertSee('not checked for cracks');
        $this->assertStringContainsString('Head: ', (string) $this->get($this->url('judge'))->getContent());
    }

    public function test_a_reading_that_came_late_reopens_the_plan(): void
    {
        $this->chooseTwentyOver();
        $this->actingAs($this->inspector);
        $this->key($this->job, 'bore.4.bottom.thrust', '24', changes: ['reason' => 'misread', 'confirmed' => true]);
        $this->get($this->url('work'))->assertOk()->assertSee('▲');
        $this->actingAs($this->machinist);
        $this->tick('wash')->assertSessionDoesntHaveErrors();
        $this->tick('crack check')->assertSessionDoesntHaveErrors();
        $this->tick('deck.1')->assertSessionHasErrors('deck.1');
        $this->actingAs($this->inspector);
        $this->assertSame(Stage::Plan, $this->job->refresh()->stage);
    }

    public function test_what_is_done_already_is_carried_into_the_new_order(): void
    {
        $this->chooseTwentyOver();
        $this->tickUpTo('bore.2');
        $this->actingAs($this->machinist);
        $this->flaw(3, 'hole');
        $this->actingAs($this->inspector);
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();

        $this->assertSame(2, StoredOrder::query()->count());
        $page = $this->get($this->url('work'))->assertOk();
        $page->assertSee('Bore, cylinder 1: 3.8285, done');
        $this->assertSame(
            ['bore.1', 'bore.2'],
            OperationTick::query()->where('operation', 'like', 'bore.%')->distinct()->orderBy('operation')->pluck('operation')->all(),
        );
        $this->actingAs($this->machinist);
        $this->tick('bore.3', actual: '3.8285')->assertSessionHasErrors('bore.3');
        $this->actingAs($this->inspector)->get($this->url('release'))->assertSee('Waits for the customer: ');
        $this->assertRefused('Waits for the customer: ');
    }

    public function test_work_that_was_opened_again_is_not_done_under_the_next_order_either(): void
    {
        $this->chooseTwentyOver();
        $this->tickUpTo('bore.2');
        $this->tick('bore.1', 'open again')->assertSessionDoesntHaveErrors();
        $this->actingAs($this->inspector);
        $this->stateSetup($this->job, 'bores.final', ['zero' => '3.8325'])->assertOk();
        foreach ([1, 2] as $cylinder) {
            $this->key($this->job, "piston.{$cylinder}", '3.8314', 'bores.final')->assertOk();
        }
        $this->post($this->url('work/orders'), ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();

        $ticks = $this->file()->work()->ticks();
        $this->assertArrayNotHasKey('bore.1', array_filter($ticks, static fn (OperationTick $tick): bool => $tick->state->closes()));
        $this->assertArrayHasKey('bore.2', $ticks, 'a size inside the new tolerance is carried over');
    }

    public function test_a_finished_bore_that_gets_a_sleeve_is_bored_honed_washed_and_read_again(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished();
        $this->assertSame(VerificationState::Conforms, $this->file()->work()->verification()->bores()[2]->state);
        $this->actingAs($this->machinist);
        $this->flaw(2, 'hole');
        $this->actingAs($this->inspector);
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();

        $work = $this->file()->work();
        $this->assertSame([2], $work->chosen()?->sleeved);
        $this->assertSame(
            ['order sleeves', 'sleeve.2', 'deck.1', 'bore.2', 'chamfer', 'deburr', 'hone.1', 'hone.2', 'hone.3', 'final wash'],
            array_values(array_diff(array_keys($work->order()->operations ?? []), $work->closedOperations())),
        );
        $this->assertSame(
            VerificationState::Missing,
            $work->verification()->bores()[2]->state,
            'what was read is of the bore that is gone',
        );
        $this->assertSame(VerificationState::Missing, $work->verification()->bores()[3]->state, 'it stands beside another sleeve now');
        $this->assertSame(VerificationState::Conforms, $work->verification()->bores()[4]->state);
        $this->get($this->url('work'))->assertSee('To be done again, after sleeve, cylinder 2.');
        $this->assertRefused('10 operations of the order are open');
    }

    public function test_a_bore_that_is_opened_again_is_honed_and_washed_and_read_again(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished();
        $this->actingAs($this->machinist);
        $this->tick('bore.3', 'open again')->assertSessionDoesntHaveErrors();

        $work = $this->file()->work();
        $this->assertSame(
            ['bore.3', 'hone.3', 'chamfer', 'deburr', 'final wash'],
            array_values(array_diff(['bore.3', 'hone.3', 'chamfer', 'deburr', 'final wash', 'hone.1'], $work->closedOperations())),
        );
        $this->assertSame(VerificationState::Missing, $work->verification()->bores()[3]->state);
    }

    public function test_a_ring_that_does_not_fit_and_a_wall_that_is_glazed_hold_the_release_until_they_are_put_right(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished();
        $state = fn (): VerificationState => $this->file()->work()->verification()->bores()[1]->state;
        $this->get($this->url('verify'))->assertSee('top gap')->assertSee('squared in the bore, by feeler');

        $this->key($this->job, 'ringgap.1.ring-1', '.0080', 'bores.final')->assertOk();
        $this->assertSame(VerificationState::RingsToFit, $state());
        $this->get($this->url('verify'))->assertSee('Top ring gap 0.0080, 0.0100 to 0.0200 in: file its ends.');
        $this->assertRefused('cylinder 1');
        $this->key($this->job, 'ringgap.1.ring-1', '.0120', 'bores.final')->assertOk();
        $this->assertSame(VerificationState::Conforms, $state(), 'filed: nobody is asked why it changed');
        $this->key($this->job, 'finish.1', '3', 'bores.final')->assertOk();
        $this->assertSame(VerificationState::Undersize, $state());
        $this->get($this->url('verify'))->assertSee('The wall is glazed: hone it once more.');
        $this->key($this->job, 'finish.1', '0', 'bores.final', ['reason' => 'misread'])->assertOk();

        $this->key($this->job, 'ringgap.1.ring-9', '.0120', 'bores.final')->assertStatus(422)->assertSee('names no such ring');
        $this->key($this->job, 'ringgap.1.ring-1', '.0120', 'bores')->assertStatus(422)->assertSee('key it on the finished sheet');
        $this->key($this->job, 'ringgap.2.ring-1', '.4', 'bores.final')->assertStatus(422)->assertSee('wider than a ring can have');
        $this->get($this->url('build-sheet'))->assertSee('Top ring gap')->assertSee('0.0120');
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionDoesntHaveErrors();
        $this->get($this->url('certificate'))
            ->assertSee('top 0.0120 in 0.0100 to 0.0200')
            ->assertSee('Crosshatch and look of the walls: cylinders 2, 3 and 4.')
            ->assertSee('End gaps of the rings: cylinders 1, 2, 3 and 4.');
    }

    public function test_a_bore_that_was_honed_too_far_is_not_signed(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished(first: ['1.4', ...array_slice(self::ROUND, 1)]);
        $this->assertRefused('cylinder 1');
    }

    public function test_a_bore_that_is_small_yet_says_how_far_to_hone(): void
    {
        $this->chooseTwentyOver();
        $this->workAll();
        $this->actingAs($this->inspector);
        $this->readFinished(first: ['-0.3', '-0.2', '-0.3', '-0.2', '-0.3', '-0.3']);
        $this->get($this->url('verify'))->assertSee('hone')->assertSee('0.3');
        $this->assertRefused('cylinder 1');
    }

    private function flaw(int $cylinder, string $look, string $remark = ''): TestResponse
    {
        return $this->post($this->url('work/flaws'), [
            'ulid' => $this->ulid(),
            'cylinder' => $cylinder,
            'look' => $look,
            'remark' => $remark,
        ]);
    }

    /** Everything of the order before and with this operation. */
    private function tickUpTo(string $last): void
    {
        $this->actingAs($this->machinist);
        foreach (['wash', 'crack check', 'deck.1', 'bore.1', 'bore.2'] as $key) {
            $this->tick($key, actual: str_starts_with($key, 'bore') ? '3.8285' : '')->assertSessionDoesntHaveErrors();
            if ($key === $last) {
                return;
            }
        }
    }

    private function assertRefused(string $why): void
    {
        $this->post($this->url('release'), ['ulid' => $this->ulid(), 'password' => 'a-password'])->assertSessionHasErrors('sign');
        $this->assertStringContainsString($why, session('errors')->first('sign'));
        $this->assertFalse($this->job->refresh()->is_closed);
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
