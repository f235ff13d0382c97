<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Job;
use App\Storage\Observation;
use App\Storage\User;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Story 7, its rare parts: what did not come is noted, looked for, and no day is promised before it is found. */
final class MissingPartsTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        Queue::fake();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector, 'tarn-4-198');
        $this->actingAs($this->inspector);
    }

    public function test_a_part_that_no_list_has_is_noted_once_by_its_name(): void
    {
        $this->countIn(['words' => 'Filter housing', 'state' => 'missing'])
            ->assertOk()
            ->assertSee('Filter housing');
        $this->countIn(['words' => 'filter  housing', 'state' => 'missing', 'count' => '2'])->assertOk();
        $this->assertSame(['other-filter-housing'], Observation::query()->distinct()->pluck('subject')->all());
        $this->get($this->url('parts'))->assertSee('Filter housing, did not come')->assertSee('to be found');

        $this->countIn(['part' => 'other-filter-housing', 'state' => 'present'])->assertOk();
        $this->get($this->url('parts'))->assertDontSee('did not come');
    }

    public function test_without_a_name_or_with_one_that_says_nothing_it_is_asked_for(): void
    {
        $this->countIn(['state' => 'missing'])
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['part' => 'What is it called?']);
        $this->countIn(['words' => '???', 'state' => 'missing'])
            ->assertUnprocessable()
            ->assertSee('say what it is called');
        $this->countIn(['part' => 'other-made-up', 'state' => 'missing'])->assertUnprocessable();
        $this->assertSame(0, Observation::query()->count());
    }

    public function test_no_day_holds_before_what_is_missing_is_found_or_promised(): void
    {
        $this->readBores();
        $before = $this->day();
        $this->get($this->url('offers'))->assertDontSee('Did not come with the engine');
        $this->countIn(['words' => 'fuel pipe', 'state' => 'missing'])->assertOk();
        $this->countIn(['part' => 'oil-pump', 'state' => 'missing'])->assertOk();
        $this->get($this->url('offers'))->assertSee('Did not come with the engine: fuel pipe, oil pump. No day holds before');

        $far = now()->addYear()->format('Y-m-d');
        $this->tell('missing.other-fuel-pipe', 'ordered', $far);
        $this->get($this->url('offers'))
            ->assertSee('Did not come with the engine: oil pump.')
            ->assertSee('no day before everything is found')
            ->assertDontSee('<time datetime', false);
        $this->tell('missing.oil-pump', 'on_the_shelf', '');
        $this->assertSame($far, $this->day(), 'the day is that of the last part');

        $this->tell('missing.other-fuel-pipe', 'arrived', '');
        $this->get($this->url('offers'))->assertDontSee('Did not come with the engine');
        $this->assertSame($before, $this->day());
    }

    private function readBores(): void
    {
        $this->stateSetup($this->job);
        foreach (range(1, 4) as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['6.1', '3.2', '3.9', '2.2', '0.8', '0.6']);
        }
    }

    /** The day of what the shop would do, “2026-12-15”. */
    private function day(): string
    {
        $page = (string) $this->get($this->url('offers'))->getContent();
        $this->assertNotSame(0, preg_match('~<time datetime="(\d{4}-\d\d-\d\d)"~', $page, $match), 'the offer says a day');

        return $match[1];
    }

    /** @param  array<string, string>  $form */
    private function countIn(array $form): TestResponse
    {
        return $this->postJson($this->url('receive/parts'), $form + ['ulid' => $this->ulid()]);
    }

    private function tell(string $part, string $state, string $day): void
    {
        $this->post($this->url('parts'), [
            'ulid' => $this->ulid(),
            'part' => $part,
            'state' => $state,
            'supplier' => 'a yard in the next valley',
            'promised_for' => $day,
        ])->assertSessionDoesntHaveErrors();
    }

    private function url(string $page): string
    {
        return "/jobs/{$this->job->tag()}/{$page}";
    }
}
