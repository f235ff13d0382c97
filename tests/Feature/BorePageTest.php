<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Drawings\WornWall;
use App\People\Role;
use App\Storage\Reading;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Places\Station;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** One bore's own page: the traced wall, what each size would do, the ring-gap check (BORE-8, BORE-9, BORE-13). */
final class BorePageTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_a_traced_wall_gives_the_best_centre_and_changes_the_plan(): void
    {
        $this->wornBore();
        $this->assertArrayHasKey(
            1,
            $this->file()->assessment()->plan?->option('bore 508000')->offCentre,
            'by its diameters alone it may need to be moved',
        );
        // Worn alike on both thrust sides: on centre the first size cleans up.
        foreach ([0 => '5.0', 90 => '1', 180 => '5', 270 => '1'] as $degrees => $value) {
            $answer = $this->trace($degrees, $value)->assertOk();
        }
        $plan = $this->file()->assessment()->plan;
        $this->assertArrayNotHasKey(1, $plan->option('bore 508000')->offCentre);
        $this->assertStringContainsString('3.8255 in', $answer->json('fragments.margin'), 'twice 1.91125 in, and the stock');
        $this->assertStringContainsString('Cleans up at +.020', $answer->json('fragments.margin'));
        $this->assertSame('trace.1.top.45', $answer->json('walk.0.place'));
        $this->artisan('ledger:recompute')->assertSuccessful();
    }

    public function test_a_wall_too_thin_where_the_centre_moves_is_told(): void
    {
        $this->wornBore();
        foreach ([0 => '9.5', 90 => '0', 180 => '0', 270 => '0'] as $degrees => $value) {
            $this->trace($degrees, $value)->assertOk();
        }
        $sheet = $this->file()->sheet;
        $thin = number_format(($sheet->bore->minimumWall->nanometres + 254_000) / 25_400_000, 4);
        $page = $this->send('wall.1.0', $thin)->assertOk()->json('fragments.margin');
        $this->assertStringContainsString('too thin', $page);
        $this->assertContains(1, $this->file()->assessment()->plan?->option('bore 508000')->wallTooThin);
    }

    public function test_a_pit_adds_its_depth_on_both_sides(): void
    {
        $this->wornBore();
        $before = $this->file()->assessment()->plan?->required[1]->least->nanometres;
        $this->send('pit.1', '.002')->assertOk();
        $this->assertSame($before + 2 * 50_800, $this->file()->assessment()->plan?->required[1]->least->nanometres);
    }

    /** @return iterable<string, array{string, string, string}> */
    public static function doubtful(): iterable
    {
        yield 'a wall of nothing' => ['wall.1.0', '0', 'unreadable'];
        yield 'a wall far too thick' => ['wall.1.0', '1.5', 'confirm'];
        yield 'a pit through the wall' => ['pit.1', '.4', 'confirm'];
        yield 'a traced wall far off' => ['trace.1.top.0', '90', 'confirm'];
        yield 'no number' => ['trace.1.top.0', 'deep', 'unreadable'];
        yield 'a size step' => ['trace.1.top.0', '30 over', 'unreadable'];
    }

    #[DataProvider('doubtful')]
    public function test_what_cannot_be_right_is_asked_back(string $place, string $text, string $kind): void
    {
        $this->send($place, $text)->assertUnprocessable()->assertJsonPath('question.kind', $kind);
        $this->assertSame(0, Reading::query()->count());
    }

    public function test_the_page_opens_for_every_bore_and_for_no_other(): void
    {
        $this->get("/jobs/{$this->job->tag()}/bores/1")
            ->assertOk()
            ->assertSee('nothing read yet')
            ->assertSee('Trace the wall in four directions');
        $this->wornBore();
        $this->get("/jobs/{$this->job->tag()}/bores/1")
            ->assertOk()
            ->assertSee('half of each diameter');
        $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/bores/1/changes?since=-1")
            ->assertOk()
            ->assertJsonPath('head', $this->job->refresh()->entries);
        $this->getJson("/jobs/{$this->job->tag()}/sheets/bores/bores/1/changes?since={$this->job->entries}")->assertNoContent();
        foreach (['5', '0', '99'] as $none) {
            $this->get("/jobs/{$this->job->tag()}/bores/{$none}")->assertNotFound();
        }
        $this->send('trace.1.top.400', '1')->assertStatus(422);
        $this->send('trace.1.land.0', '1')->assertStatus(422);
    }

    public function test_between_what_was_read_the_wall_is_smoothed_and_passes_through_it(): void
    {
        $this->wornBore();
        $wall = WornWall::of($this->file(), 1);
        $this->assertEqualsWithDelta(9.6 * 12_700, $wall->at(Station::Top, 0.0), 1);
        $this->assertEqualsWithDelta(9.6 * 12_700, $wall->at(Station::Top, 180.0), 1);
        $this->assertEqualsWithDelta(5.2 * 12_700, $wall->at(Station::Top, 270.0), 1);
        $this->assertEqualsWithDelta(7.4 * 12_700, $wall->at(Station::Top, 45.0), 1, 'half way');
        $this->assertEqualsWithDelta($wall->at(Station::Top, 350.0), $wall->at(Station::Top, 10.0), 1e-6);
        $this->assertEqualsWithDelta(((9.6 + 4.0) / 2) * 12_700, $wall->atDepth(0.25, 0.0), 1, 'between top and middle');
    }

    public function test_a_ring_gap_is_held_against_the_gauge(): void
    {
        $this->wornBore();
        // The mean of the top is 3.8125 + .0074: a gap opened by π times that agrees.
        $this->gap('.0382')->assertRedirect("/jobs/{$this->job->tag()}/bores/1");
        $this->get("/jobs/{$this->job->tag()}/bores/1")->assertSee('They agree.');
        $this->gap('.045')->assertSessionDoesntHaveErrors();
        $this->get("/jobs/{$this->job->tag()}/bores/1")->assertSee('which is wrong?');
        $this->gap('')->assertSessionHasErrors('gap');
        $this->gap('wide')->assertSessionHasErrors('gap');
        $headline = $this->job->refresh()->headline;
        $this->assertSame('Cannot stay at standard', $headline, 'it is never the basis of a verdict');
        $this->actingAs($this->person(Role::Machinist));
        $this->gap('.045')->assertForbidden();
    }

    public function test_extra_axes_and_lands_show_where_somebody_wants_or_has_read_them(): void
    {
        $page = "/jobs/{$this->job->tag()}/measure";
        $this->get($page)->assertDontSee('bore.1.top.45')->assertSee('bore.1.land.inline');
        $this->show('/shown/axes')->assertRedirect();
        $this->get($page)->assertSee('bore.1.top.45')->assertSee('bore.1.land.135');
        $this->key($this->job, 'bore.1.top.45', '3.3')->assertOk();
        $this->show('/shown/axes');
        $this->get($page)->assertSee('bore.1.top.45')->assertDontSee('bore.1.top.135')->assertDontSee('bore.1.land.thrust');
        $this->key($this->job, 'bore.1.top.thrust', '3.1')->assertOk();
        $this->key($this->job, 'bore.1.top.inline', '3.0')->assertOk();
        $this->assertSame(
            (25_400 * 3) / 10,
            $this->file()->assessment()->bores[0]->measures->outOfRound['top']?->value()->nanometres,
            'the extra axis counts',
        );
    }

    private function wornBore(): void
    {
        $this->keyBore($this->job, 1, ['9.6', '5.2', '4.0', '3.0', '1.0', '0.8']);
        foreach ([2, 3, 4] as $cylinder) {
            $this->keyBore($this->job, $cylinder, ['3.0', '1.9', '2.0', '1.5', '0.9', '0.8']);
        }
    }

    private function trace(int $degrees, string $value): TestResponse
    {
        return $this->send("trace.1.top.{$degrees}", $value);
    }

    private function send(string $place, string $text): TestResponse
    {
        return $this->postJson("/jobs/{$this->job->tag()}/sheets/bores/bores/1/readings", [
            'ulid' => $this->ulid(),
            'place' => $place,
            'text' => $text,
        ]);
    }

    private function gap(string $gap): TestResponse
    {
        return $this->post("/jobs/{$this->job->tag()}/sheets/bores/bores/1/ring-gap", [
            'ulid' => $this->ulid(),
            'station' => 'top',
            'known_bore' => '3.8125',
            'known_gap' => '.015',
            'gap' => $gap,
        ]);
    }
}
