<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFiles;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\SheetName;
use App\Storage\User;
use App\Storage\ZeroSize;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\NextReason;
use NorthLedger\Core\Features\Bores\CanStay;
use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Quantity\Length;
use Tests\TestCase;

/** A gauge zeroed on the part itself judges form alone, until its zero gets a size (GAUGE-2). */
final class ComparativeTest extends TestCase
{
    private User $inspector;

    private Job $job;

    protected function setUp(): void
    {
        parent::setUp();
        $this->inspector = $this->person(Role::Inspector);
        $this->job = $this->job($this->inspector);
        $this->actingAs($this->inspector);
        $this->stateSetup($this->job, changes: ['zero_place' => 'bore.1.bottom.inline', 'zero' => null])->assertOk();
    }

    public function test_the_place_of_the_zero_reads_nothing_and_differences_are_judged(): void
    {
        $this->key($this->job, 'bore.1.bottom.thrust', '0.3')->assertOk();
        $answer = $this->key($this->job, 'bore.1.top.thrust', '9.0')->assertOk();
        $this->assertStringContainsString('on cylinder 1, bottom, in line, size not known', $answer->json('fragments.setup'));
        $this->assertStringContainsString('size of the zero', $answer->json('fragments.setup'));
        $bore = $this->assessment()->bores[0];
        $this->assertSame((25_400 * 87) / 10, $bore->finding(Criterion::Taper)->value?->value, 'top less bottom, thrust');
        $this->assertNull($bore->measures->size());
        $this->assertTrue($bore->finding(Criterion::Clearance)->needsSize);
        $this->assertSame(CanStay::No, $this->assessment()->canStay, 'a taper condemns without any size');
        $this->assertNull($this->assessment()->plan, 'no size, no plan');
        $this->get("/jobs/{$this->job->tag()}/plan")->assertOk();
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('needs a size for the zero')
            ->assertSee('top, thrust +9.0 thou from the zero');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_deviation_is_held_against_no_size_and_a_size_against_no_deviation(): void
    {
        $this->key($this->job, 'bore.2.top.inline', '4.0')->assertOk();
        $this->key($this->job, 'bore.1.top.thrust', '5.2')->assertOk();
        $this->key($this->job, 'bore.3.top.thrust', '5.0')->assertOk();
        $this->key($this->job, 'bore.4.top.thrust', '4.8')->assertOk();
        $this->stateSetup($this->job)->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '6.1')->assertOk();
        $this->key($this->job, 'bore.4.top.thrust', '6.0', changes: ['reason' => 'with another zero'])->assertOk();
        $this->key($this->job, 'bore.4.middle.thrust', '6.0')->assertOk();

        $this->stateSetup($this->job, changes: ['zero_place' => 'bore.4.bottom.inline', 'zero' => null])->assertOk();
        $this->key($this->job, 'bore.4.top.inline', '5.1')->assertOk();
        $this->key($this->job, 'bore.1.middle.thrust', '3.0')->assertOk();
        $this->key($this->job, 'bore.1.middle.inline', '90')
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'That alone would make the middle out-of-round by 87.0 thou.');
    }

    public function test_one_size_makes_every_reading_of_the_setup_a_size(): void
    {
        $this->readForm();
        $this->assertSame(NextReason::NeedsZeroSize, $this->formOnly()->next->reason);
        $this->assertSame('a size for the zero', $this->job->refresh()->waits_for);
        $this->giveSize('3.8127')->assertOk();
        $assessment = $this->assessment();
        $this->assertSame(96_842_580 + 25_400 * 2, $assessment->bores[0]->measures->size()?->nanometres, 'zero + 2.0 thou');
        $this->assertSame(0, $assessment->step->value?->nanometres, 'the least worn place shows the standard bore');
        $this->assertFalse($assessment->needsSize);
        $this->assertNotNull($assessment->plan);
        $reading = $assessment->bores[0]->measures->largest;
        $this->assertGreaterThan(
            $reading->instrument->repeatability->nanometres * 2,
            $reading->instrument->calibration->nanometres,
            'the micrometer’s doubt went into the zero',
        );
        $this->giveSize('3.8129')->assertOk();
        $this->assertSame(96_847_660 + 25_400 * 2, $this->assessment()->bores[0]->measures->size()?->nanometres, 'a corrected size counts');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_size_that_cannot_be_right_is_asked_back(): void
    {
        $this->giveSize('4.2')->assertUnprocessable()->assertJsonPath('question.kind', 'confirm');
        $this->giveSize('-1')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->giveSize('wide')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->giveSize('3.8127', 'dial bore gauge .0001')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->giveSize('3.8127', 'G-99')
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'There is no gauge “G-99” in use. Choose another, or put it into the register.');
        $this->assertSame(0, ZeroSize::query()->count());
        $this->sendTo($this->job, 'sheets/bores/zeros', [
            'size' => '4.2',
            'gauge' => 'inside micrometer',
            'confirmed' => true,
        ])->assertOk();
        $again = ['ulid' => $this->ulid(), 'size' => '3.8127', 'gauge' => 'inside micrometer'];
        $this->sendTo($this->job, 'sheets/bores/zeros', $again)->assertOk();
        $this->sendTo($this->job, 'sheets/bores/zeros', $again)->assertOk();
        $this->assertSame(2, ZeroSize::query()->count(), 'sent twice, given once');
    }

    public function test_readings_of_two_zeros_are_not_compared(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '9.0')->assertOk();
        $this->stateSetup($this->job, changes: ['zero_place' => 'bore.1.bottom.thrust', 'zero' => null])->assertOk();
        $this->assertNull($this->assessment()->bores[0]->finding(Criterion::Taper)->value, 'top counts from one zero, bottom from another');
        $this->key($this->job, 'bore.1.top.thrust', '8.0', changes: ['repeat' => true])
            ->assertUnprocessable()
            ->assertJsonPath('question.kind', 'reason');
        $this->key($this->job, 'bore.1.top.thrust', '8.0', changes: ['reason' => 'zero_was_off'])->assertOk();
        $this->assertEquals(
            Amount::distance(Length::ofNanometres(25_400 * 8)),
            $this->assessment()->bores[0]->finding(Criterion::Taper)->value,
        );
    }

    public function test_what_a_comparative_zero_cannot_be(): void
    {
        $state = fn (array $changes): TestResponse => $this->stateSetup($this->job, changes: $changes + ['zero' => null]);
        $state(['zero_place' => 'ridge.1.top'])->assertUnprocessable();
        $state(['zero_place' => 'bore.9.top.thrust'])->assertUnprocessable();
        $this->key($this->job, 'bore.2.top.thrust', '30 over')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->key($this->job, 'bore.2.top.thrust', '160')
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'That is +160.0 thou from the zero on the part.');
        $absolute = $this->job($this->inspector);
        $this->stateSetup($absolute);
        $this->sendTo($absolute, 'sheets/bores/zeros', ['size' => '3.8127', 'gauge' => 'inside micrometer'])
            ->assertUnprocessable()
            ->assertJsonPath('question.text', 'The zero of this sheet stands on a known size already.');
        $this->assertSame(2, LedgerEntry::query()->where('job_id', $absolute->id)->count());
    }

    public function test_a_check_back_on_the_place_of_the_zero_finds_a_drift(): void
    {
        $this->key($this->job, 'bore.1.top.thrust', '9.0')->assertOk();
        $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '0.1'])->assertOk();
        $this->key($this->job, 'bore.2.top.thrust', '9.0')->assertOk();
        $answer = $this->sendTo($this->job, 'sheets/bores/checks', ['shows' => '0.4'])->assertOk();
        $this->assertStringContainsString('One reading is suspect.', $answer->json('fragments.margin'));
    }

    private function readForm(): void
    {
        foreach (range(1, 4) as $cylinder) {
            foreach (
                [
                    'top.thrust' => '2.0',
                    'top.inline' => '1.5',
                    'middle.thrust' => '1.2',
                    'middle.inline' => '1.1',
                    'bottom.thrust' => '0.4',
                    'bottom.inline' => '0.2',
                ] as $at => $value
            ) {
                if ("{$cylinder}.{$at}" !== '1.bottom.inline') {
                    $this->key($this->job, "bore.{$cylinder}.{$at}", $value)->assertOk();
                }
            }
        }
    }

    private function formOnly(): BlockAssessment
    {
        foreach (range(1, 4) as $cylinder) {
            foreach (
                [
                    "ridge.{$cylinder}.top",
                    "ridge.{$cylinder}.bottom",
                    "scoring.{$cylinder}",
                    "pitting.{$cylinder}",
                    "crack.{$cylinder}",
                ] as $place
            ) {
                $this->key($this->job, $place, '0')->assertOk();
            }
            $this->key($this->job, "piston.{$cylinder}", '3.8105')->assertOk();
        }

        return $this->assessment();
    }

    private function giveSize(string $size, string $gauge = 'inside micrometer'): TestResponse
    {
        return $this->sendTo($this->job, 'sheets/bores/zeros', ['size' => $size, 'gauge' => $gauge]);
    }

    private function assessment(): BlockAssessment
    {
        $file = $this->app->make(JobFiles::class)->open($this->job->refresh());
        $this->assertNotEmpty($file->record->entries(SheetName::bores())->rows);

        return $file->assessment();
    }
}
