<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Stages\Judge\PistonTable;
use App\Storage\Reading;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Pistons measured, weighed and assigned; the clearance of each cylinder is that of the piston that goes in. */
final class PistonTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
        foreach ([1 => '1.2', 2 => '1.6', 3 => '2.0', 4 => '1.4'] as $cylinder => $top) {
            $this->keyBore($this->job, $cylinder, [$top, '0.7', '0.8', '0.5', '0.4', '0.3']);
        }
    }

    public function test_clearances_show_by_cylinder_once_pistons_are_measured(): void
    {
        $this->get("/jobs/{$this->job->tag()}/measure")->assertDontSee('>clearance<', false);
        $answer = $this->key($this->job, 'piston.1', '3.8105')->assertOk();
        $this->assertStringContainsString('+3.2', $answer->json('fragments.table'), '3.8137 less 3.8105');
        $this->assertNull(PistonTable::of($this->file()), 'not before all are measured');
    }

    public function test_the_most_even_assignment_is_proposed_and_judged_by_once_somebody_wants_it(): void
    {
        $this->measurePistons();
        $table = PistonTable::of($this->file());
        $this->assertSame([1 => 2, 2 => 3, 3 => 4, 4 => 1], $table?->proposed);
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('piston 4 into cylinder 3')
            ->assertSee('Assign them so');
        $this->assign($table->proposed)
            ->assertRedirect("/jobs/{$this->job->tag()}/judge")
            ->assertSessionDoesntHaveErrors();
        $after = PistonTable::of($this->file());
        $this->assertSame([], $after?->proposed);
        $this->assertSame([2, 3, 4, 1], array_column($after->rows, 'piston'));
        $this->assertSame(
            '3.8108',
            number_format($this->file()->assessment()->bores[2]->inspection->piston->corrected->nanometres / 25_400_000, 4),
            'cylinder 3 has piston 4',
        );
        $this->get("/jobs/{$this->job->tag()}/history")->assertSee('4 into 3');
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_an_assignment_that_leaves_a_cylinder_without_is_refused(): void
    {
        $this->measurePistons();
        foreach ([[1 => 1, 2 => 1, 3 => 3, 4 => 4], [1 => 1, 2 => 2, 3 => 3], [1 => 1, 2 => 2, 3 => 3, 5 => 4]] as $wrong) {
            $this->assign($wrong)->assertSessionHasErrors('piston');
        }
        $this->actingAs($this->person(Role::Machinist));
        $this->assign([1 => 2, 2 => 1, 3 => 3, 4 => 4])->assertForbidden();
    }

    public function test_pistons_are_weighed_in_grams_and_a_doubtful_weight_is_asked_back(): void
    {
        $this->key($this->job, 'weight.1', '612.4')->assertOk();
        $answer = $this->key($this->job, 'weight.2', '615.6 g')->assertOk();
        $this->assertStringContainsString('615.6', $answer->json('fragments.table'));
        $this->key($this->job, 'weight.3', '61.2')->assertUnprocessable()->assertJsonPath('question.kind', 'confirm');
        $this->key($this->job, 'weight.3', 'heavy')->assertUnprocessable()->assertJsonPath('question.kind', 'unreadable');
        $this->assertSame([612_400_000, 615_600_000], Reading::query()->whereNotNull('mass_ug')->orderBy('id')->pluck('mass_ug')->all());
        $this->measurePistons();
        $this->get("/jobs/{$this->job->tag()}/judge")->assertSee('Weights within 3.2 g of each other.');
        $this->assertSame(
            '612400000',
            (string) array_column($this->getJson("/jobs/{$this->job->tag()}/readings.json")->json('readings'), null, 'place')['weight.1'][
                'mass_ug'
            ],
        );
    }

    private function measurePistons(): void
    {
        foreach ([1 => '3.8106', 2 => '3.8105', 3 => '3.8107', 4 => '3.8108'] as $cylinder => $size) {
            $this->key($this->job, "piston.{$cylinder}", $size)->assertOk();
        }
    }

    /** @param  array<int, int>  $pistons */
    private function assign(array $pistons): TestResponse
    {
        return $this->from("/jobs/{$this->job->tag()}/judge")->post("/jobs/{$this->job->tag()}/judge/pistons", [
            'ulid' => $this->ulid(),
            'piston' => $pistons,
        ]);
    }
}
