<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\Observation;
use App\Storage\User;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class PrecheckTest extends TestCase
{
    private User $inspector;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->actingAs($this->inspector);
    }

    public function test_a_caustic_tank_is_refused_for_light_metal_with_the_reason_and_taken_for_iron(): void
    {
        $quern = $this->job($this->inspector, 'quern-3-16', null);
        $this->send('clean/items', ['item' => 'wash.block', 'wash' => 'hot caustic tank'], $quern)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['wash.block' => 'Caustic eats aluminium']);
        $this->send('clean/items', ['item' => 'wash.crankshaft', 'wash' => 'hot caustic tank'], $quern)->assertOk();
        $this->assertSame(1, Observation::query()->count());
    }

    public function test_a_split_case_with_a_gap_is_scrap_at_once(): void
    {
        $sorrel = $this->job($this->inspector, 'sorrel-f4', null);
        $this->send('clean/items', ['item' => 'parting.gap', 'measured' => 'none'], $sorrel)->assertOk();
        $this->assertSame('not yet known', $sorrel->refresh()->verdict);
        $this->send('clean/items', ['item' => 'parting.gap', 'measured' => '0.04'], $sorrel)->assertOk();
        $this->assertSame(
            ['scrap', 'The case is scrap', 'a replacement for the scrapped case'],
            [$sorrel->refresh()->verdict, $sorrel->headline, $sorrel->waits_for],
        );
        $this->get("/jobs/{$sorrel->tag()}/clean")
            ->assertSee('The case is scrap')
            ->assertSee('LINE-3');
        $this->get("/jobs/{$sorrel->tag()}/judge")->assertSee('A feeler as thick as the limit');
        $this->get("/jobs/{$sorrel->tag()}/plan")->assertOk();
    }

    public function test_a_case_somebody_has_blasted_is_written_down_and_scrapped(): void
    {
        $sorrel = $this->job($this->inspector, 'sorrel-f4', null);
        $this->send('clean/items', ['item' => 'wash.block', 'wash' => 'grit or bead blast'], $sorrel)->assertOk();
        $this->assertSame('scrap', $sorrel->refresh()->verdict);
    }

    public function test_threads_are_counted_and_what_cannot_be_is_asked_back(): void
    {
        $job = $this->job($this->inspector);
        $this->send('clean/items', ['item' => 'thread.head', 'stripped' => 1, 'inserts' => 2, 'place' => 'beside 3'], $job)->assertOk();
        $this->get("/jobs/{$job->tag()}/clean")->assertSee('1 stripped: insert; 2 with an insert; beside 3');
        $this->send('clean/items', ['item' => 'thread.head', 'stripped' => 90], $job)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['thread.head' => 'There are 18 of these holes']);
        $this->send('clean/items', ['item' => 'thread.head'], $job)->assertOk();
        $this->get("/jobs/{$job->tag()}/clean")->assertSee('none stripped');
    }

    public function test_what_is_found_stands_once_beside_the_list_with_its_own_rule(): void
    {
        $job = $this->job($this->inspector);
        $found = ['item' => 'caps', 'state' => 'finding', 'place' => 'main 3', 'remark' => 'rocks in its register'];
        $this->send('clean/items', $found, $job)->assertOk();
        $margin = $this->margin($job);
        $this->assertSame(1, substr_count($margin, 'rocks in its register'), $margin);
        $this->assertStringContainsString('VER-1', $margin);
        $this->assertStringNotContainsString('LINE-3', $margin);

        $this->send('clean/items', ['item' => 'thread.head', 'stripped' => 2, 'inserts' => 1, 'place' => 'beside 3'], $job)->assertOk();
        $this->assertStringContainsString('Head studs, deck: 2 stripped, beside 3.', $this->margin($job));

        $sorrel = $this->job($this->inspector, 'sorrel-f4', null);
        $this->send('clean/items', ['item' => 'parting.gap', 'measured' => '0.2'], $sorrel)->assertOk();
        $this->assertStringContainsString('LINE-3', $this->margin($sorrel));
    }

    public function test_an_answer_can_be_opened_again_and_every_answer_stays_in_the_journal(): void
    {
        $job = $this->job($this->inspector);
        $this->send(
            'clean/items',
            ['item' => 'caps', 'state' => 'finding', 'place' => 'main 3', 'remark' => 'rocks in its register'],
            $job,
        )->assertOk();
        $this->get("/jobs/{$job->tag()}/clean")->assertSee('rocks in its register');
        $this->send('clean/items', ['item' => 'caps', 'state' => 'not checked'], $job)->assertOk();
        $this->assertSame(3, LedgerEntry::query()->count());
        $this->get("/jobs/{$job->tag()}/history")
            ->assertOk()
            ->assertSee('rocks in its register');
        $this->send('clean/items', ['item' => 'caps'], $job)
            ->assertUnprocessable()
            ->assertJsonValidationErrors(['caps' => 'Fine, or a finding?']);
        $this->send('clean/items', ['item' => 'wings', 'state' => 'fine'], $job)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('item');
        $sorrel = $this->job($this->inspector, 'sorrel-f4', null);
        $this->send('clean/items', ['item' => 'parting.gap', 'measured' => 'wide'], $sorrel)
            ->assertUnprocessable()
            ->assertJsonValidationErrors('parting.gap');
    }

    public function test_the_strip_writes_into_the_bore_sheet_and_counts_in_its_verdict(): void
    {
        $job = $this->job($this->inspector);
        $this->send('clean/looks', ['place' => 'ridge.3.top', 'text' => '2'], $job)->assertOk();
        $this->assertSame('Cannot stay at standard', $job->refresh()->headline);
        $this->send('clean/looks', ['place' => 'ridge.3.top', 'text' => '1'], $job)->assertOk();
        $this->assertSame('Not yet read', $job->fresh()?->headline);
        $this->send('clean/looks', ['place' => 'ridge.3.top', 'text' => '9'], $job)->assertUnprocessable();
        $this->send('clean/looks', ['place' => 'nowhere', 'text' => '1'], $job)->assertUnprocessable();
    }

    public function test_reading_is_for_all_and_writing_for_inspectors(): void
    {
        $job = $this->job($this->inspector);
        $this->actingAs($this->person(Role::Machinist));
        $this->get("/jobs/{$job->tag()}/clean")
            ->assertOk()
            ->assertDontSee('data-key="1"', false);
        $this->send('clean/items', ['item' => 'caps', 'state' => 'fine'], $job)->assertForbidden();
    }

    private function margin(Job $job): string
    {
        $page = (string) $this->get("/jobs/{$job->tag()}/clean")->getContent();
        $this->assertSame(1, preg_match('#data-fragment="?margin"?[^>]*>(.*?)</aside>#s', $page, $match), $page);

        return $match[1];
    }

    /** @param  array<string, mixed>  $form */
    private function send(string $path, array $form, Job $job): TestResponse
    {
        return $this->sendTo($job, $path, $form);
    }
}
