<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\User;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Specification\EnginePart;
use Tests\TestCase;

/** Story 16, without the tilt across: pistons at the corners, a wanted distance, the ratio after it, and what forbids it. */
final class DeckTargetTest extends TestCase
{
    private const CORNERS = [1 => '0.26 mm', 7 => '0.23 mm', 2 => '0.28 mm', 8 => '0.25 mm'];

    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector, 'brae-v8-311');
        $this->actingAs($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
        $this->stateSetup($this->job);
        foreach (range(1, 8) as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.1', '3.2', '3.9', '2.2', '0.8', '0.6']);
        }
        foreach (self::CORNERS as $cylinder => $below) {
            $this->key($this->job, "todeck.{$cylinder}", $below, 'deck')->assertOk();
        }
    }

    public function test_each_corner_has_its_cut_and_the_highest_piston_bounds_the_parallel_one(): void
    {
        $before = $this->ratio();
        $this->want('deck', '0.1 mm', 'a racer, on its builder’s word')->assertSessionDoesntHaveErrors();
        $this->get($this->url('plan'))
            ->assertOk()
            ->assertSee('6.3 thou at cylinder 1, 5.1 thou at cylinder 7')
            ->assertSee('7.1 thou at cylinder 2, 5.9 thou at cylinder 8')
            ->assertSee('A parallel cut takes 5.1 thou at the most; the corners differ by 1.2 thou.')
            ->assertSee('With the gasket that leaves 0.0439 in to the head.')
            ->assertSee('cut by 5.1 thou to what is wanted');
        $this->assertGreaterThan($before, $this->ratio(), 'the chamber above a higher piston is smaller');
    }

    public function test_a_target_below_what_the_pistons_have_is_not_cut_for_and_one_taken_back_is_gone(): void
    {
        $this->want('deck', '0.5 mm', 'a mistake')->assertSessionDoesntHaveErrors();
        $this->get($this->url('plan'))->assertSee('A piston stands higher already than it shall')->assertDontSee('to what is wanted');
        $this->want('deck', '', 'it was one')->assertSessionDoesntHaveErrors();
        $this->get($this->url('plan'))->assertDontSee('A piston stands higher')->assertDontSee('because a mistake');
    }

    public function test_a_head_is_cut_to_a_ratio_after_bore_and_deck_are_known(): void
    {
        $this->want('ratio.1', '9.2', 'more boost')->assertSessionDoesntHaveErrors();
        $plan = $this->file()->plan()->recommended();
        $this->assertStringStartsWith('to_target', $plan?->codes()['head.1'] ?? '');
        $this->assertEqualsWithDelta(9.2, max($plan->ratios[1] ?? [0.0]), 0.03, 'with the bore that the plan gives');
        $this->assertLessThan(9.1, max($plan->ratios[2] ?? [9.9]), 'the other head is left alone');
    }

    public function test_a_target_that_brings_the_ratio_out_of_its_range_leaves_no_plan_with_it(): void
    {
        $this->want('ratio.1', '12', 'too much')->assertSessionDoesntHaveErrors();
        $this->assertNull($this->file()->plan()->recommended(), 'nobody is told another way than the one that is wanted');
        $this->get($this->url('plan'))->assertSee('The compression ratio comes out too high.');
        $this->get($this->url('offers'))->assertSee('There is no plan that can be offered yet');
        $plain = $this->file()
            ->plan()
            ->with(['head.1' => 'leave']);
        $this->assertTrue($plain?->isAllowed(), 'somebody may leave it as it is, with a reason');
        $this->post($this->url('plan'), [
            'ulid' => $this->ulid(),
            'option' => 'bore 508000',
            'parts' => ['head.1' => 'leave'],
        ])->assertSessionHasErrors('reason');
    }

    public function test_what_is_wanted_goes_before_what_only_cleans_up(): void
    {
        $this->key($this->job, 'deckpits.1', '2', 'deck')->assertOk();
        $this->key($this->job, 'deckpit.1', '.0020', 'deck')->assertOk();
        $this->want('deck', '0.1 mm', 'a racer')->assertSessionDoesntHaveErrors();
        $codes = $this->file()->plan()->recommended()?->codes() ?? [];
        $this->assertSame('to_target 130000', $codes['deck.1'] ?? '');
        $this->assertSame('to_target 150000', $codes['deck.2'] ?? '');
    }

    private function want(string $about, string $wanted, string $reason): TestResponse
    {
        return $this->post($this->url('plan/targets'), [
            'ulid' => $this->ulid(),
            'about' => $about,
            'wanted' => $wanted,
            'reason' => $reason,
        ]);
    }

    private function ratio(): float
    {
        return max($this->file()->plan()->recommended()->ratios[1] ?? [0.0]);
    }

    private function url(string $page): string
    {
        return "/jobs/{$this->job->tag()}/{$page}";
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
