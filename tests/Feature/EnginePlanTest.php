<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Record\JobFile;
use App\Record\JobFiles;
use App\Storage\PlanChoice;
use App\Storage\StoredOrder;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Work\StopReason;
use Tests\TestCase;

/** The plan of the whole engine on its page, what is found after it, and the parts it needs (PLAN-1 to PLAN-5, WORK-3). */
final class EnginePlanTest extends TestCase
{
    use WorkedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->receiveJob();
        $this->readWorn();
    }

    public function test_the_page_shows_every_part_with_its_choices_and_one_total(): void
    {
        $this->scoreARodJournal();
        $this->get($this->url('plan'))
            ->assertOk()
            ->assertSee('Rod journals')
            ->assertSee('grind .010 under')
            ->assertSee('another crankshaft')
            ->assertSee('It is the cheapest plan that leaves every part one more size')
            ->assertSee('Compression 7.');
        $total = $this->file()->plan()->recommended()?->cost->minor;
        $this->get($this->url('plan').'?option=replace')
            ->assertSee('come with the other crankshaft')
            ->assertDontSee('Two of these choices');
        $this->get(
            $this->url('plan').'?'.http_build_query(['option' => 'bore 508000', 'parts' => ['rod_journals' => 'grind 508000']]),
        )->assertSee('value="grind 508000" checked', false);
        $this->assertNotNull($total);
    }

    public function test_choosing_otherwise_for_any_part_asks_for_a_reason_and_nothing_typed_is_lost(): void
    {
        $this->scoreARodJournal();
        $deeper = ['option' => 'bore 508000', 'parts' => ['rod_journals' => 'grind 508000'], 'ulid' => $this->ulid()];
        $this->from($this->url('plan'))->post($this->url('plan'), $deeper)->assertSessionHasErrors('reason');
        $this->get($this->url('plan'))->assertSee('value="grind 508000" checked', false);
        $this->post($this->url('plan'), ['reason' => 'shells are on the shelf'] + $deeper)->assertRedirect($this->url('work'));
        $choice = PlanChoice::query()->sole();
        $this->assertSame('grind 508000', $choice->parts['rod_journals'] ?? '');
        $this->assertSame('grind 254000', $choice->recommended_parts['rod_journals'] ?? '');
        $this->assertSame(1, StoredOrder::query()->count());
    }

    public function test_nonsense_is_passed_over_and_a_forbidden_plan_is_refused(): void
    {
        $this->post($this->url('plan'), [
            'option' => 'bore 508000',
            'parts' => ['rods' => ['x']],
            'ulid' => $this->ulid(),
        ])->assertSessionHasErrors('parts.rods');
        $this->get($this->url('plan').'?parts[]=1&parts[mains][]=2&option=x')->assertOk();
        $this->get($this->url('plan').'?option[]=x')->assertStatus(422);
        $this->post($this->url('plan').'/targets', [
            'about' => 'deck',
            'wanted' => '-.0300',
            'reason' => 'a racer',
            'ulid' => $this->ulid(),
        ])->assertSessionDoesntHaveErrors();
        $this->post($this->url('plan').'/targets', [
            'about' => 'ratio.1',
            'wanted' => '40',
            'reason' => 'x',
            'ulid' => $this->ulid(),
        ])->assertSessionHasErrors('wanted');
        $this->post($this->url('plan').'/targets', [
            'about' => 'ratio.9',
            'wanted' => '8',
            'reason' => 'x',
            'ulid' => $this->ulid(),
        ])->assertSessionHasErrors('about');
        $this->post($this->url('plan').'/targets', [
            'about' => 'deck',
            'wanted' => '.0100',
            'reason' => '',
            'ulid' => $this->ulid(),
        ])->assertSessionHasErrors('reason');
        $this->get($this->url('plan'))->assertSee('because a racer')->assertSee('the pistons at its corners are not read');
    }

    public function test_what_is_found_of_another_part_opens_the_agreed_plan_again(): void
    {
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertRedirect($this->url('work'));
        $this->assertSame([], $this->file()->work()->stops());

        $this->scoreARodJournal();
        $reasons = array_column($this->file()->work()->stops(), 'reason');
        $this->assertSame([StopReason::PartIsNew, StopReason::PartIsNew], $reasons, 'mains and rod journals are in no plan yet');
        $this->assertTrue($this->file()->work()->isPlanOpenAgain());
        $this->get($this->url('plan'))->assertSee('The plan is open again')->assertSee('Rod journals: found since, and not in the plan');
        $this->get('/')->assertSee('found since, and not in the plan');

        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->assertSame([], $this->file()->work()->stops());

        $this->key($this->job, 'pinscore.2', '.0080', 'crankshaft', ['reason' => 'measured it again', 'confirmed' => true])->assertOk();
        $this->assertSame([StopReason::PartWayIsGone], array_column($this->file()->work()->stops(), 'reason'), 'it needs another step now');
    }

    public function test_parts_to_order_follow_from_the_plan_and_shells_wait_until_journals_are_measured(): void
    {
        $this->scoreARodJournal();
        $this->get($this->url('parts'))->assertSee('No plan is chosen yet')->assertSee('Piston with pin')->assertSee('measured first');
        $pistons = ['part' => 'piston 508000', 'state' => 'ordered', 'supplier' => 'the usual', 'promised_for' => '2026-12-09'];
        $this->post($this->url('parts'), $pistons + ['ulid' => $this->ulid()])->assertSessionHasErrors('state');
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000']);
        $this->post($this->url('parts'), ['supplier' => ''] + $pistons + ['ulid' => $this->ulid()])->assertSessionHasErrors('supplier');
        $this->post($this->url('parts'), $pistons + ['ulid' => $this->ulid()])->assertSessionDoesntHaveErrors();
        $this->get($this->url('parts'))->assertSee('the usual, promised for 2026-12-09')->assertSee('the usual, one kind of part');
        $order = $this->get($this->url('parts/order?from=the+usual'))->assertOk();
        $order->assertSee('Order to the usual')->assertSee($this->job->tag())->assertSee('2026-12-09')->assertDontSee('Gasket');
        $this->get($this->url('parts/order?from=somebody'))->assertNotFound();

        $shells = ['part' => 'rod_shells 254000', 'state' => 'ordered', 'supplier' => 'the usual'];
        $this->post($this->url('parts'), $shells + ['ulid' => $this->ulid()])->assertSessionHasErrors('remark');
        $this->post($this->url('parts'), ['remark' => 'all at 2.2395', 'ulid' => $this->ulid()] + $shells)->assertSessionDoesntHaveErrors();
        $this->post($this->url('parts'), ['part' => 'head', 'ulid' => $this->ulid()] + $shells)->assertSessionHasErrors('part');
        $this->get($this->url('parts'))->assertDontSee('Shells, nearest');
        $csv = $this->get($this->url('parts.csv'))->assertOk()->getContent();
        $this->assertStringContainsString('"Piston with pin",+.020,4,62,ordered,"the usual"', (string) $csv);
    }

    public function test_what_lies_on_the_shelf_is_promised_to_one_job_at_a_time(): void
    {
        $this->actingAs($this->person(Role::Owner));
        $this->post('/shop/shelf', ['family' => 'nobody', 'item' => 'piston', 'size' => '.020', 'count' => 4])->assertSessionHasErrors(
            'family',
        );
        $this->post('/shop/shelf', ['family' => 'tarn-4-198', 'item' => 'piston', 'size' => 'large', 'count' => 4])->assertSessionHasErrors(
            'size',
        );
        $this->post('/shop/shelf', [
            'family' => 'tarn-4-198',
            'item' => 'piston',
            'size' => '.020',
            'count' => 4,
        ])->assertSessionDoesntHaveErrors();
        $this->assertSame(4, $this->file()->plan()->recommended()?->leadDays, 'only the gaskets have to come');
        $this->post($this->url('plan'), ['ulid' => $this->ulid(), 'option' => 'bore 508000'])->assertSessionDoesntHaveErrors();
        $this->get('/shop/shelf')
            ->assertSee('Piston with pin')
            ->assertSeeInOrder(['+.020', '4', '4']);
        $this->get($this->url('parts'))->assertSee('on the shelf');

        [$first, $this->job] = [$this->job, $this->job($this->inspector)];
        $this->actingAs($this->inspector);
        $this->crackCheck($this->job, $this->inspector, EnginePart::Block);
        $this->readWorn();
        $this->assertSame(8, $this->file()->plan()->recommended()?->leadDays, 'they are promised to the first');
        $this->assertNotSame($first->id, $this->job->id);
    }

    /** The crankshaft read through, everything sound but for a scored rod journal that grinds its group. */
    private function scoreARodJournal(): void
    {
        $this->stateSetup($this->job, 'crankshaft', ['instrument' => 'outside micrometer', 'zero' => '2.0000']);
        foreach (InspectionPlan::of(Section::Crankshaft, $this->file()->sheet)->walk() as $one) {
            $feature = $one->place->feature;
            $text = match (true) {
                $one->place->key === 'pinscore.2' => '.0020',
                $feature->measurand() === Measurand::Size => sprintf('%.5F', (int) $one->nominal?->nanometres / 25_400_000),
                $feature->measurand() === Measurand::Roughness => '0.15',
                default => '0',
            };
            $one->isNeeded && $this->key($this->job, $one->place->key, $text, 'crankshaft')->assertOk();
        }
    }

    private function file(): JobFile
    {
        return $this->app->make(JobFiles::class)->open($this->job->refresh());
    }
}
