<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Pages\GaugedFeature;
use App\People\Role;
use App\Storage\Job;
use App\Storage\Reading;
use App\Storage\Setup;
use App\Storage\SheetName;
use App\Words\SectionName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Finding\Criterion;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Inspection\Section;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** The sheets beside the bores: what is keyed into them, asked back, judged and shown. */
final class PartSheetTest extends TestCase
{
    use StatedJob;

    protected function setUp(): void
    {
        parent::setUp();
        $this->stateJob();
    }

    public function test_a_journal_is_read_with_a_micrometer_that_nobody_has_to_state(): void
    {
        $answer = $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft')->assertOk();
        $this->assertSame('main.1.front.90', $answer->json('walk.0.place'), 'the hand goes on along the journal');
        $this->assertStringContainsString('2.6245', $answer->json('fragments.table'));
        $this->assertStringContainsString('outside micrometer', $answer->json('fragments.setup'));
        $reading = $this->file()
            ->record->entries(SheetName::of(Section::Crankshaft))
            ->reading(Place::parse('main.1.front.0'), $this->file()->sheet, $this->file()->policy);
        $this->assertSame(66_662_300, $reading?->corrected->nanometres);
    }

    public function test_a_sheet_says_which_gauge_is_taken_while_none_is_stated(): void
    {
        $said = [];
        foreach (Section::cases() as $section) {
            $features = $section === Section::Bores ? [] : GaugedFeature::onSheet($this->file(), SheetName::of($section));
            $said[$section->value] =
                $features === [] ? null : array_search(GaugedFeature::unstated($features), (array) __('sheet.unstated'), true);
        }
        $this->assertSame('usual', $said['crankshaft']);
        $this->assertSame('housing', $said['housings']);
        $this->assertSame('bigend', $said['rods']);
        $this->assertSame('scale', $said['weights']);
        $this->assertNotContains(false, $said, 'every sentence is one of the file');
    }

    public function test_undersizes_are_read_as_steps_and_run_out_as_the_indicator_shows_it(): void
    {
        $this->key($this->job, 'pin.2.rear.0', '10 under', 'crankshaft')->assertOk();
        $this->key($this->job, 'runout.3', '1.5', 'crankshaft')->assertOk();
        $this->key($this->job, 'mainscore.3', '.0008', 'crankshaft')->assertOk();
        $this->key($this->job, 'mainra.3', '7 uin', 'crankshaft')->assertOk();
        $nominal = $this->file()->standardOf(SheetName::of(Section::Crankshaft), Place::parse('pin.2.rear.0')->feature)->nanometres;
        $this->assertSame(
            [$nominal - 254_000, 38_100, 20_320, 178],
            Reading::query()->where('sheet', 'crankshaft')->orderBy('id')->pluck('value_nm')->all(),
        );
    }

    public function test_a_gauge_that_cannot_tell_says_so_once_with_what_would_do(): void
    {
        $this->stateSetup($this->job, 'crankshaft', [
            'feature' => 'main',
            'instrument' => 'digital caliper',
            'reading_unit' => null,
            'zero' => '',
        ])->assertOk();
        foreach (range(1, 5) as $main) {
            foreach (['front.0', 'front.90', 'rear.0', 'rear.90'] as $place) {
                $answer = $this->key($this->job, "main.{$main}.{$place}", $place === 'front.90' ? '2.5944' : '2.5945', 'crankshaft', [
                    'confirmed' => true,
                ])->assertOk();
            }
        }
        $this->assertStringContainsString('not fit for out-of-round', $answer->json('fragments.setup'));
        $this->assertStringContainsString('Better: an outside micrometer', $answer->json('fragments.setup'));
        $this->assertSame(1, substr_count($answer->json('fragments.margin'), '15 close calls that this gauge cannot settle'));
        $this->get("/jobs/{$this->job->tag()}/judge")
            ->assertOk()
            ->assertSee('close calls that this gauge cannot settle');
    }

    public function test_a_new_rod_is_read_on_the_same_sheet_over_the_old_one(): void
    {
        $this->key($this->job, 'bend.2', '4.0', 'rods')->assertOk();
        $bent = static fn (Finding $finding): bool => $finding->about->code === 'rod.2' &&
            $finding->criterion === Criterion::Bend &&
            $finding->outcome === Outcome::Fail;
        $this->assertCount(1, array_filter($this->file()->inspection()->judged(Section::Rods)->findings, $bent));
        $asked = $this->key($this->job, 'bend.2', '0.5', 'rods')->assertStatus(422);
        $this->assertContains('new_part', $asked->json('question.values'));
        $this->key($this->job, 'bend.2', '0.5', 'rods', ['reason' => 'new_part'])->assertOk();
        $this->assertCount(0, array_filter($this->file()->inspection()->judged(Section::Rods)->findings, $bent), 'the new one is straight');
        $this->get("/jobs/{$this->job->tag()}/history")->assertSee('a new part');
    }

    public function test_a_housing_asks_for_its_gauge_and_counts_only_with_the_caps_torqued(): void
    {
        $place = 'housing.1.45';
        $this->assertSame('setup', $this->key($this->job, $place, '0.2', 'housings')->assertStatus(422)->json('question.kind'));
        $this->stateSetup($this->job, 'housings', ['feature' => 'housing', 'zero' => '2.8170', 'caps_torqued' => false])->assertOk();
        $this->key($this->job, $place, '0.2', 'housings')->assertOk();
        $loose = array_values(
            array_filter(
                $this->file()->inspection()->judged(Section::Housings)->findings,
                static fn ($finding): bool => $finding->criterion === Criterion::CapsTorqued,
            ),
        );
        $this->assertSame([Outcome::Missing, $place], [$loose[0]->outcome, $loose[0]->missing[0]->key]);
        $this->stateSetup($this->job, 'housings', ['feature' => 'housing', 'zero' => '2.8170'])->assertOk();
        $this->key($this->job, $place, '0.2', 'housings', ['reason' => 'caps were loose'])->assertOk();
        $this->assertSame(
            [],
            array_values(
                array_filter(
                    $this->file()->inspection()->judged(Section::Housings)->findings,
                    static fn ($finding): bool => $finding->criterion === Criterion::CapsTorqued,
                ),
            ),
        );
    }

    /** @return iterable<string, array{string, string, string, string}> */
    public static function askedBack(): iterable
    {
        yield 'no such journal' => ['crankshaft', 'main.9.front.0', '2.6245', 'no place'];
        yield 'a place of another sheet' => ['crankshaft', 'bigend.1.front.0', '2.6245', 'no place'];
        yield 'nonsense' => ['crankshaft', 'main.1.front.0', 'wide', 'does not read'];
        yield 'far from the nominal' => ['crankshaft', 'main.1.front.0', '2.4', 'from the nominal'];
        yield 'a depth below nothing' => ['crankshaft', 'mainscore.1', '-.001', 'Enter zero or more'];
        yield 'a run-out that cannot be' => ['crankshaft', 'runout.2', '90', 'Is it in the unit the gauge shows?'];
        yield 'a step where there are none' => ['crankshaft', 'mainscore.1', '10 under', 'no size steps'];
        yield 'a look by word' => ['heads', 'drop.1.in', 'tight', 'Answer with one digit'];
        yield 'a weight that is none' => ['weights', 'pinmass.1', 'heavy', 'does not read as a mass'];
        yield 'a finish that is none' => ['crankshaft', 'mainra.1', 'smooth', 'does not read as a finish'];
        yield 'a volume that is none' => ['volumes', 'chamber.1', 'full', 'does not read as a volume'];
        yield 'outside the gauge' => ['heads', 'guide.1.in', '.95', 'from the nominal'];
    }

    #[DataProvider('askedBack')]
    public function test_what_cannot_be_right_is_asked_back_and_not_saved(string $sheet, string $place, string $text, string $why): void
    {
        $before = Reading::query()->count();
        $this->assertStringContainsString($why, $this->key($this->job, $place, $text, $sheet)->assertStatus(422)->json('question.text'));
        $this->assertSame(
            [$before, 0],
            [Reading::query()->count(), Setup::query()->where('sheet', $sheet)->count()],
            'nothing is left behind',
        );
    }

    public function test_a_doubtful_reading_is_taken_once_somebody_stands_by_it(): void
    {
        $this->key($this->job, 'main.1.front.0', '2.4', 'crankshaft', ['confirmed' => true])->assertOk();
        $this->assertTrue(Reading::query()->where('place', 'main.1.front.0')->firstOrFail()->was_confirmed);
    }

    public function test_corrections_repeats_and_undo_work_as_on_the_bores(): void
    {
        $this->key($this->job, 'chamber.2', '67.0', 'volumes')->assertOk();
        $this->assertSame('reason', $this->key($this->job, 'chamber.2', '68.0', 'volumes')->assertStatus(422)->json('question.kind'));
        $this->key($this->job, 'chamber.2', '68.0', 'volumes', ['repeat' => true])->assertOk();
        $this->assertSame(
            67_500.0,
            $this->file()->inspection()->measurements(Section::Volumes)->value(Place::parse('chamber.2')),
            'the mean of the repeats',
        );
        $this->sendTo($this->job, 'sheets/volumes/undo', [])->assertOk();
        $this->assertSame(67_000.0, $this->file()->inspection()->measurements(Section::Volumes)->value(Place::parse('chamber.2')));
    }

    public function test_the_same_reading_sent_twice_counts_once(): void
    {
        $ulid = $this->ulid();
        $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft', ['ulid' => $ulid])->assertOk();
        $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft', ['ulid' => $ulid])->assertOk();
        $this->assertSame(1, Reading::query()->where('sheet', 'crankshaft')->count());
    }

    public function test_a_drifted_micrometer_makes_its_journals_suspect_and_they_are_proposed_again(): void
    {
        $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft')->assertOk();
        $answer = $this->sendTo($this->job, 'sheets/crankshaft/checks', [
            'feature' => 'main',
            'master' => '3.0000',
            'shows' => '3.0006',
        ])->assertOk();
        $this->assertSame('main.1.front.0', $answer->json('walk.0.place'));
        $this->assertStringContainsString('One reading is suspect', $answer->json('fragments.margin'));
        $this->assertTrue($this->file()->inspection()->measurements(Section::Crankshaft)->isEmpty(), 'it carries no verdict');
        $this->assertSame(
            'setup',
            $this->key($this->job, 'main.1.front.90', '2.6245', 'crankshaft')->assertStatus(422)->json('question.kind'),
        );
        $this->stateSetup($this->job, 'crankshaft', ['feature' => 'main', 'instrument' => 'outside micrometer'])->assertOk();
        $this->key($this->job, 'main.1.front.0', '2.6244', 'crankshaft')->assertOk();
    }

    public function test_heights_down_from_a_straightedge_are_low_and_those_of_an_indicator_are_high(): void
    {
        $this->key($this->job, 'deck.1.a1', '.0030', 'deck')->assertOk();
        $this->assertSame(
            -76_200,
            $this->file()->inspection()->measurements(Section::Deck)->length(Place::parse('deck.1.a1'))?->nanometres,
        );
        $this->stateSetup($this->job, 'deck', ['feature' => 'deck', 'instrument' => 'dial indicator', 'zero' => ''])->assertOk();
        $this->key($this->job, 'deck.1.a2', '3', 'deck')->assertOk();
        $this->assertSame(76_200, $this->file()->inspection()->measurements(Section::Deck)->length(Place::parse('deck.1.a2'))?->nanometres);
        $this->assertStringContainsString(
            'off the other heights',
            $this->key($this->job, 'deck.1.a3', '140', 'deck')->assertStatus(422)->json('question.text'),
        );
    }

    public function test_every_sheet_has_its_page_in_both_units_and_for_readers(): void
    {
        $this->key($this->job, 'deck.1.a1', '.0030', 'deck')->assertOk();
        foreach (['inspector' => $this->inspector, 'machinist' => $this->person(Role::Machinist)] as $who => $person) {
            $this->actingAs($person);
            foreach (Section::beside() as $section) {
                foreach (['in', 'mm'] as $unit) {
                    $this->show('/shown', ['unit' => $unit]);
                    $page = $this->get("/jobs/{$this->job->tag()}/measure/{$section->value}")
                        ->assertOk()
                        ->assertSee(SectionName::of($section));
                    $who === 'inspector' ? $page->assertSee('data-entry', false) : $page->assertDontSee('data-entry', false);
                }
                $this->getJson("/jobs/{$this->job->tag()}/sheets/{$section->value}/changes?since=-1")
                    ->assertOk()
                    ->assertJsonStructure(['fragments' => ['table', 'drawing', 'margin', 'setup'], 'walk']);
            }
            $who === 'machinist' && $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft')->assertForbidden();
        }
        $this->get("/jobs/{$this->job->tag()}/measure/gearbox")->assertNotFound();
    }

    public function test_the_volumes_page_says_the_cut_for_a_ratio(): void
    {
        $this->get("/jobs/{$this->job->tag()}/measure/volumes")->assertSee('Nothing is planned that changes the ratio.');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=8")
            ->assertOk()
            ->assertSee('off the head');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=8&loss=2.1")
            ->assertOk()
            ->assertSee('off the head');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=8&loss=0")
            ->assertOk()
            ->assertSee('volume for each 0.010 in');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=60")
            ->assertOk()
            ->assertSee('COMP-2');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=0.4")
            ->assertOk()
            ->assertSee('above 1');
        $this->get("/jobs/{$this->job->tag()}/measure/volumes?ratio=abc")
            ->assertOk()
            ->assertDontSee('COMP-2');
    }

    public function test_weighed_pieces_are_put_together_and_pistons_of_the_bore_sheet_are_not_weighed_twice(): void
    {
        foreach ([1 => '612.4', 2 => '612.0', 3 => '613.1', 4 => '611.8'] as $number => $grams) {
            $this->key($this->job, "weight.{$number}", $grams, changes: ['confirmed' => true])->assertOk();
            $this->key($this->job, "pinmass.{$number}", (string) (150.0 + $number / 10), 'weights')->assertOk();
        }
        $page = $this->get("/jobs/{$this->job->tag()}/measure/weights")
            ->assertOk()
            ->assertSee('Within 1.0 g')
            ->assertSee('Bobweight');
        $this->assertStringNotContainsString('weight.1&quot;,&quot;isProposed', $page->getContent());
    }

    public function test_a_released_job_takes_no_more_readings(): void
    {
        Job::query()
            ->whereKey($this->job->id)
            ->update(['is_closed' => true]);
        $this->key($this->job, 'main.1.front.0', '2.6245', 'crankshaft')->assertStatus(422);
        $this->assertSame(PartVerdict::NotYetKnown, $this->file()->inspection()->judged(Section::Crankshaft)->verdict());
    }
}
