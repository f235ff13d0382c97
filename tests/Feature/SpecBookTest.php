<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\FamilyIndex;
use App\Storage\Job;
use App\Storage\SpecBook;
use App\Storage\SpecificationDraft;
use App\Storage\SpecificationRevision;
use App\Storage\User;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

final class SpecBookTest extends TestCase
{
    private User $owner;

    protected function setUp(): void
    {
        parent::setUp();
        $this->owner = $this->person(Role::Owner);
        $this->actingAs($this->owner);
    }

    public function test_all_six_families_are_listed_and_read_as_pages_with_drawings(): void
    {
        $this->get('/specs')->assertOk()->assertSee('Tarn 4-198')->assertSee('Sorrel F4')->assertSee('cylinders replaced');
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            $page = $this->get("/specs/{$family}")
                ->assertOk()
                ->assertSee('crack-prone places numbered');
            $this->assertGreaterThan(1, substr_count((string) $page->getContent(), '<svg'), $family);
        }
        $this->get('/specs/cathedral')->assertNotFound();
        $this->get('/specs/tarn-4-198?revision=9')->assertNotFound();
    }

    public function test_a_new_revision_changes_what_comes_in_and_leaves_old_jobs_on_theirs(): void
    {
        $old = $this->job($this->owner);
        $this->post('/specs/tarn-4-198', [
            'reason' => 'tighter after two came back',
            'value' => $this->values(['/bore/service/taper' => '.0040']),
        ])->assertRedirect('/specs/tarn-4-198');

        $specs = $this->app->make(SpecBook::class);
        $this->assertSame([1, 2], $specs->revisions('tarn-4-198'));
        $this->assertSame(101_600, $specs->sheet('tarn-4-198')->bore->service->taper->nanometres);
        $this->assertNotSame(101_600, $specs->sheet('tarn-4-198', $old->family_revision)->bore->service->taper->nanometres);
        $this->get('/specs/tarn-4-198/compare')->assertSee('Bore: service, taper')->assertSee('.0040');

        $this->post('/jobs', [
            'ulid' => $this->ulid(),
            'family' => 'tarn-4-198',
            'serial' => 'N-1',
            'customer' => 'Sawmill',
            'due_on' => '2030-02-01',
        ])->assertRedirect();
        $this->assertSame(2, Job::query()->where('serial', 'N-1')->sole()->family_revision);
    }

    public function test_numbers_that_do_not_fit_are_named_and_everything_typed_stays(): void
    {
        $this->post('/specs/tarn-4-198', [
            'reason' => 'a try',
            'value' => $this->values(['/piston/standard' => '3.9', '/bore/nominal' => 'wide', '/crankshaft/mains/count' => 'five']),
        ])
            ->assertOk()
            ->assertSee('Nothing was stored. 5 values')
            ->assertSee('Bore, nominal: found')
            ->assertSee('Crankshaft, mains, count: found')
            ->assertSee('value="wide"', false)
            ->assertSee('value="a try"', false);
        $this->assertSame(0, SpecificationRevision::query()->count());
        $this->from('/specs/tarn-4-198/edit')
            ->post('/specs/tarn-4-198', ['value' => $this->values([])])
            ->assertSessionHasErrors('reason');
    }

    public function test_a_sheet_goes_out_as_json_and_comes_back_as_the_next_revision(): void
    {
        $json = (string) $this->get('/specs/brae-v8-311/export')
            ->assertOk()
            ->assertHeader('Content-Disposition', 'attachment; filename=brae-v8-311-revision-1.json')
            ->getContent();
        $this->import($json)->assertRedirect('/specs/brae-v8-311');
        $this->assertSame(2, $this->app->make(SpecBook::class)->sheet('brae-v8-311')->revision);
        $this->get('/specs/brae-v8-311/compare')->assertSee('They say the same.');
        $again = json_decode((string) $this->get('/specs/brae-v8-311/export?revision=2')->getContent(), true);
        $this->assertSame(array_diff_key(json_decode($json, true), ['revision' => 0]), array_diff_key($again, ['revision' => 0]));
        $this->get('/specs/schema')->assertOk()->assertSee('north-ledger:specification-sheet');
    }

    public function test_a_family_of_the_shops_own_can_be_read_in(): void
    {
        $sheet =
            ['family' => 'tarn-4-250', 'name' => 'Tarn 4-250'] +
            json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $this->import((string) json_encode($sheet))->assertRedirect('/specs/tarn-4-250');
        $this->get('/specs')->assertSee('Tarn 4-250');
        $this->get('/jobs/new')->assertSee('Tarn 4-250');
    }

    public function test_a_key_that_is_no_key_a_key_twice_and_lists_without_end_are_refused(): void
    {
        $sheet = $this->app->make(SpecBook::class)->decoded('tarn-4-198', 1);
        foreach (['../../etc', '350', 'new', 'UPPER', 'a--b', '-a', str_repeat('a', 41)] as $key) {
            $this->import((string) json_encode(['family' => $key] + $sheet))->assertOk()->assertSee('nothing was stored');
        }
        $this->import('{"name": "A", "family": "a-1", "name": "B"}')->assertOk()->assertSee('“name” stands twice in one object');
        $sheet['bore']['oversizes'] = array_fill(0, 401, '0.010');
        $this->import((string) json_encode($sheet))->assertOk()->assertSee('a list of at most 400');
        $this->assertSame(0, SpecificationRevision::query()->count());
        foreach (['350', '!!', 'Schema', 'Lookup'] as $name) {
            $this->post('/specs/tarn-4-198/copies', ['name' => $name])->assertSessionHasErrors('name');
        }
        $this->post('/specs/tarn-4-198/copies', ['name' => '350 V8'])->assertRedirect('/specs/350-v8/edit');
    }

    public function test_a_family_that_nothing_rests_on_is_taken_out_of_the_book(): void
    {
        $this->post('/specs/tarn-4-198/copies', ['name' => 'Tarn short']);
        $this->post('/specs/tarn-short/variants', ['name' => 'Tarn shorter']);
        $remove = fn (string $family) => $this->post("/specs/{$family}/removal");
        $remove('tarn-short')->assertSessionHasErrors(['remove' => __('spec.held_by.variant')]);
        $job = $this->job(User::query()->firstOrFail(), 'tarn-shorter');
        $remove('tarn-shorter')->assertSessionHasErrors(['remove' => __('spec.held_by.job')]);
        $remove('tarn-4-198')->assertSessionHasErrors(['remove' => __('spec.held_by.shipped')]);
        $this->get("/jobs/{$job->tag()}/receive")->assertOk();
        $this->post('/specs/brae-v8-311/copies', ['name' => 'Typed wrong']);
        $remove('typed-wrong')->assertRedirect('/specs');
        $this->get('/specs/typed-wrong')->assertNotFound();
        $this->get('/specs')->assertDontSee('/specs/typed-wrong');
        $remove('typed-wrong')->assertNotFound();
    }

    public function test_a_broken_file_is_refused_with_every_fault_named_at_once(): void
    {
        $sheet = json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $sheet['unit'] = 'furlong';
        unset($sheet['stroke']);
        $sheet['bore']['wall']['minimum'] = -1;
        $this->import((string) json_encode($sheet))
            ->assertOk()
            ->assertSee('nothing was stored')
            ->assertSee('/unit')
            ->assertSee('/stroke')
            ->assertSee('/bore/wall/minimum');
        $this->import('{"family":')->assertOk()->assertSee('text that is not JSON');
        $this->import('[1,2]')->assertOk()->assertSee('nothing was stored');
        $this->assertSame(0, SpecificationRevision::query()->count());
    }

    public function test_the_first_row_of_a_list_needs_no_more_than_what_is_known_of_it(): void
    {
        $this->post('/specs/new', self::SEVEN_ANSWERS)->assertRedirect();
        $ring = ['/name' => 'top', '/width' => '.0780', '/gap' => '.010-.020', '/side_clearance' => '.0015-.0035'];
        $this->post('/specs/glen-v8-302', [
            'revision' => '1',
            'changes' => ['add rings'],
            'reason' => 'the rings on the bench',
            'value' => array_combine(array_map(static fn (string $place): string => "/rings/0{$place}", array_keys($ring)), $ring),
        ])->assertRedirect('/specs/glen-v8-302');
        $csv = (string) $this->get('/specs/glen-v8-302/export?as=csv')->getContent();
        $line = "Bore,\"service, taper\",,/bore/service/taper\r\n";
        $this->assertStringContainsString($line, $csv, 'what nobody knows has a line to be filled in');
        $this->import(str_replace(['Glen V8-302', $line], ['Glen V8-303', str_replace(',,', ',.005,', $line)], $csv))->assertRedirect();
        $this->assertSame(127_000, $this->specs()->sheet('glen-v8-303')->bore->service->taper?->nanometres);
        $top = $this->specs()->sheet('glen-v8-302')->rings[0];
        $this->assertSame(['top', 254_000], [$top->name, $top->gapFor('daily')->least->nanometres]);
    }

    public function test_rows_are_added_and_taken_away_in_place_and_nothing_typed_is_lost(): void
    {
        $threads = count(json_decode($this->app->make(SpecBook::class)->document('tarn-4-198', 1), true)['threads']);
        $page = $this->post('/specs/tarn-4-198', [
            'revision' => '1',
            'rows' => 'add threads',
            'value' => $this->values(['/bore/nominal' => '3.8130', '/piston/mass_ug' => 'heavy']),
        ])->assertOk();
        $page
            ->assertSee('value="3.8130"', false)
            ->assertSee('value="heavy"', false)
            ->assertSee("value[/threads/{$threads}/size]", false);
        $page->assertSee('name="changes[]" value="add threads"', false);
        $this->assertSame(0, SpecificationRevision::query()->count());

        $this->post('/specs/tarn-4-198', [
            'revision' => '1',
            'changes' => ['add threads', 'drop crack_prone 0'],
            'reason' => 'one more',
            'value' => ["/threads/{$threads}/words" => 'flywheel bolts', '/bore/service/taper' => '.0045'],
        ])->assertRedirect('/specs/tarn-4-198');
        $sheet = $this->app->make(SpecBook::class)->sheet('tarn-4-198');
        $this->assertSame('flywheel bolts', $sheet->threads[$threads]->words);
        $this->assertSame(114_300, $sheet->bore->service->taper->nanometres);
        $this->assertSame(range(1, count($sheet->pronePlaces)), array_column($sheet->pronePlaces, 'number'));
    }

    public function test_the_key_of_a_row_is_nobodys_to_type(): void
    {
        $this->get('/specs/tarn-4-198/edit')->assertOk()->assertDontSee('/key]', false);
        $this->post('/specs/tarn-4-198', [
            'revision' => '1',
            'changes' => ['add datum_faces', 'add datum_faces'],
            'reason' => 'what the mill sets it up on',
            'value' => ['/datum_faces/0/words' => 'pan rail', '/datum_faces/1/words' => 'bell-housing face'],
        ])->assertRedirect('/specs/tarn-4-198');
        $faces = $this->app->make(SpecBook::class)->sheet('tarn-4-198')->datumFaces;
        $this->assertSame(['row-1' => 'pan rail', 'row-2' => 'bell-housing face'], array_column($faces, 'words', 'key'));
        $page = $this->post('/specs/tarn-4-198', [
            'revision' => '2',
            'rows' => 'drop datum_faces 0',
            'value' => ['/bore/nominal' => '3.8125'],
        ])->assertOk();
        $page->assertDontSee('value="pan rail"', false);
        $this->post('/specs/tarn-4-198', [
            'revision' => '2',
            'changes' => ['drop datum_faces 0', 'add datum_faces'],
            'reason' => 'another',
            'value' => ['/datum_faces/1/words' => 'rear dowels'],
        ])->assertRedirect('/specs/tarn-4-198');
        $faces = $this->app->make(SpecBook::class)->sheet('tarn-4-198')->datumFaces;
        $this->assertSame(['row-2' => 'bell-housing face', 'row-3' => 'rear dowels'], array_column($faces, 'words', 'key'));
    }

    public function test_two_who_edit_one_family_see_each_others_changes_before_anything_is_stored(): void
    {
        $mine = $this->values(['/bore/service/taper' => '.0045']);
        $this->post('/specs/tarn-4-198', [
            'revision' => '1',
            'reason' => 'theirs',
            'value' => $this->values(['/bore/service/clearance' => '.0065']),
        ])->assertRedirect();
        $page = $this->post('/specs/tarn-4-198', ['revision' => '1', 'reason' => 'mine', 'value' => $mine])->assertOk();
        $page->assertSee('made revision 2 meanwhile')->assertSee('service, clearance: .0060 → .0065');
        $page->assertSee('value="mine"', false);
        $this->assertSame([1, 2], $this->app->make(SpecBook::class)->revisions('tarn-4-198'));

        preg_match_all('/name="value\[([^\]]+)\]" value="([^"]*)"/', (string) $page->getContent(), $fields);
        $merged = array_combine($fields[1], array_map(html_entity_decode(...), $fields[2]));
        $this->post('/specs/tarn-4-198', ['revision' => '2', 'reason' => 'mine', 'value' => $merged])->assertRedirect();
        $service = $this->app->make(SpecBook::class)->sheet('tarn-4-198')->bore->service;
        $this->assertSame([114_300, 165_100], [$service->taper->nanometres, $service->clearance->nanometres]);
    }

    public function test_a_table_is_pasted_and_what_fits_nothing_is_left_to_look_at(): void
    {
        $table = implode("\n", [
            "Bore\tservice, taper\t.0045",
            "Crankshaft mains diameter\t2.6235\t2.6250",
            'Piston: weight; 615 g',
            'stroke = 4.3375',
            "taper\t.0001",
            "sump\tdeep",
            '"Crankshaft","end play","heavy"',
        ]);
        $page = $this->post('/specs/tarn-4-198', [
            'revision' => '1',
            'rows' => 'paste',
            'paste' => $table,
            'value' => $this->values([]),
        ])->assertOk();
        $page->assertSee('value="2.6235-2.6250"', false)->assertSee('value="heavy"', false);
        $page->assertSee('5 values taken over')->assertSee('2 lines fit nothing')->assertSee("taper\t.0001\nsump\tdeep", false);
        $this->assertSame(0, SpecificationRevision::query()->count());
        $many = implode("\n", array_map(static fn (int $line): string => "row {$line}\t{$line}", range(1, 5_000)));
        $this->post('/specs/tarn-4-198', ['revision' => '1', 'rows' => 'paste', 'paste' => $many, 'value' => $this->values([])])->assertSee(
            '5000 lines fit nothing',
        );
        $this->from('/specs/tarn-4-198/edit')
            ->post('/specs/tarn-4-198', [
                'revision' => '1',
                'rows' => 'paste',
                'paste' => str_repeat('x', 100_001),
                'value' => ['/stroke' => '4.4'],
            ])
            ->assertSessionHasErrors('paste');
        $this->get('/specs/tarn-4-198/edit')->assertSee('value="4.4"', false);
    }

    public function test_what_follows_is_shown_before_anything_is_kept(): void
    {
        $this->get('/specs/tarn-4-198')->assertSee('What follows')->assertSee('oil clearance, mains')->assertSee('3 246 cc');
        $this->get('/specs/tarn-4-198/edit')->assertSee('3 246 cc')->assertDontSee('the sheet says something else');
        $this->post('/specs/tarn-4-198/follows', ['revision' => '1', 'value' => $this->values(['/stroke' => '4.5375'])])
            ->assertOk()
            ->assertSee('3 395 cc')
            ->assertSee('the sheet says something else')
            ->assertDontSee('<html', false);
        $this->post('/specs/tarn-4-198/follows', ['revision' => '1', 'value' => $this->values(['/stroke' => 'long'])])
            ->assertOk()
            ->assertDontSee('displacement')
            ->assertSee('oil clearance, mains');
        $this->assertSame(0, SpecificationRevision::query()->count());
    }

    public function test_a_family_begins_as_a_copy_of_another(): void
    {
        $this->post('/specs/tarn-4-198/copies', ['name' => 'Tarn 4-250'])->assertRedirect('/specs/tarn-4-250/edit');
        $specs = $this->app->make(SpecBook::class);
        $this->assertSame(['Tarn 4-250', 1], [$specs->sheet('tarn-4-250')->name, $specs->sheet('tarn-4-250')->revision]);
        $this->assertEquals($specs->sheet('tarn-4-198')->bore, $specs->sheet('tarn-4-250')->bore);
        $this->assertSame('copied from Tarn 4-198, revision 1', SpecificationRevision::query()->sole()->reason);
        foreach (['', '!?', 'Tarn 4-250', 'tarn 4 198', 'Lookup'] as $name) {
            $this->from('/specs/tarn-4-198')
                ->post('/specs/tarn-4-198/copies', ['name' => $name])
                ->assertSessionHasErrors('name');
        }
        $this->actingAs($this->person(Role::Machinist))
            ->post('/specs/tarn-4-198/copies', ['name' => 'Mine'])
            ->assertForbidden();
    }

    private const SEVEN_ANSWERS = [
        'name' => 'Glen V8-302',
        'unit' => 'in',
        'layout' => 'vee',
        'cylinders' => '8',
        'numbers' => '1 2 3 4 / 5 6 7 8',
        'mains' => '',
        'made' => 'in the block',
        'block' => 'grey iron',
        'head' => 'aluminium',
        'valve_train' => 'intake over exhaust',
        'bore' => '4',
        'stroke' => '3',
        'oversizes' => '20 30',
        'source' => 'measured',
        'words' => 'bore of cylinder 3 above the ridge',
    ];

    public function test_seven_answers_are_a_family_that_can_be_received(): void
    {
        $this->post('/specs/new', self::SEVEN_ANSWERS)->assertRedirect('/specs/glen-v8-302');
        $sheet = $this->app->make(SpecBook::class)->sheet('glen-v8-302');
        $this->assertSame([[1, 2, 3, 4], [5, 6, 7, 8]], $sheet->layout->banks);
        $this->assertSame([5, 4, 8], [$sheet->housings->count, $sheet->crankshaft->rods->count, $sheet->exhaust->count]);
        $this->assertSame([508_000, 762_000], array_column($sheet->bore->oversizes, 'nanometres'));
        $this->assertSame('bore of cylinder 3 above the ridge', $sheet->sourceOf('/bore/nominal')?->words);
        $this->get('/specs/glen-v8-302')->assertOk()->assertSee('4 942 cc')->assertSee('measured');
        $this->get('/specs/glen-v8-302/edit')
            ->assertOk()
            ->assertSee('/bore/service/out_of_round')
            ->assertSee('value="add threads"', false)
            ->assertDontSee('name="value[/threads]"', false)
            ->assertSee('Crankshaft <tspan>0 of 21</tspan>', false);
        $this->get('/specs/glen-v8-302/export')
            ->assertOk()
            ->assertJsonPath('bore.oversizes', ['.020', '.030']);
        $this->assertContains('glen-v8-302', $this->app->make(FamilyIndex::class)->matching('Glen')->pluck('family')->all());
    }

    public function test_answers_that_make_no_engine_are_asked_again_and_stay_in_the_form(): void
    {
        $wrong = [
            [['name' => ''], 'name'],
            [['name' => 'New'], 'name'],
            [['cylinders' => '40'], 'cylinders'],
            [['bore' => ''], 'bore'],
            [['words' => ''], 'words'],
        ];
        foreach ($wrong as [$answer, $field]) {
            $this->from('/specs/new')
                ->post('/specs/new', $answer + self::SEVEN_ANSWERS)
                ->assertSessionHasErrors($field);
        }
        $this->post('/specs/new', ['numbers' => '1 2 3 / 4 5 6 6 8'] + self::SEVEN_ANSWERS)
            ->assertOk()
            ->assertSee('Nothing was stored')
            ->assertSee('value="1 2 3 / 4 5 6 6 8"', false)
            ->assertSee('do not name every cylinder once');
        $this->post('/specs/new', ['bore' => 'wide', 'oversizes' => '30 20'] + self::SEVEN_ANSWERS)
            ->assertOk()
            ->assertSee('value="wide"', false)
            ->assertSee('nominal');
        $this->post('/specs/new', ['made' => 'separate'] + self::SEVEN_ANSWERS)
            ->assertOk()
            ->assertSee('none: separate cylinders are replaced');
        $this->assertSame(0, SpecificationRevision::query()->count());
    }

    public function test_the_engine_is_drawn_as_it_is_answered(): void
    {
        $this->get('/specs/new')->assertOk()->assertSee('In-line, cylinders 1 2 3 4');
        $this->post(
            '/specs/new/drawn',
            ['layout' => 'flat', 'cylinders' => '6', 'numbers' => '', 'mains' => '4', 'name' => ''] + self::SEVEN_ANSWERS,
        )
            ->assertOk()
            ->assertSee('Flat, cylinders 1 3 5 / 2 4 6, front first; 4 main bearings, 6 rod journals')
            ->assertSee('3 707 cc');
    }

    public function test_a_sheet_at_odds_with_itself_is_kept_as_a_draft_by_which_nobody_is_judged(): void
    {
        $odd = ['/piston/standard' => '3.7770', '/stroke' => 'long', '/bore/service/taper' => '.0045'];
        $this->post('/specs/tarn-4-198', [
            'rows' => 'draft',
            'revision' => '1',
            'reason' => 'second edition',
            'value' => $this->values($odd),
        ])->assertRedirect('/specs/tarn-4-198');
        $this->get('/specs/tarn-4-198')->assertSee('keeps a draft')->assertSee('second edition')->assertSee('3.8110');
        $this->assertSame(1, $this->app->make(SpecBook::class)->newestRevision('tarn-4-198'));
        $form = $this->get("/specs/tarn-4-198/edit?draft={$this->owner->id}")->assertOk();
        foreach ([...$odd, 'second edition'] as $text) {
            $form->assertSee('value="'.$text.'"', false);
        }
        $this->get('/specs/tarn-4-198/edit')->assertDontSee('value="3.7770"', false);

        $this->post('/specs/tarn-4-198', [
            'reason' => 'mended',
            'revision' => '1',
            'value' => $this->values(['/bore/service/taper' => '.0045']),
        ]);
        $this->assertSame(2, $this->app->make(SpecBook::class)->newestRevision('tarn-4-198'));
        $this->get('/specs/tarn-4-198')->assertDontSee('keeps a draft');
    }

    public function test_two_who_keep_drafts_of_one_sheet_lose_nothing_to_each_other(): void
    {
        $taper = '/bore/service/taper';
        $keep = fn (string $value): TestResponse => $this->post('/specs/tarn-4-198', [
            'rows' => 'draft',
            'revision' => '1',
            'value' => $this->values([$taper => $value]),
        ])->assertRedirect();
        $keep('.0045');
        $inspector = $this->person(Role::Inspector);
        $this->actingAs($inspector);
        $keep('.0035');
        foreach ([[$this->owner, '.0045'], [$inspector, '.0035']] as [$person, $value]) {
            $this->get("/specs/tarn-4-198/edit?draft={$person->id}")->assertSee("value=\"{$value}\"", false);
        }
        $this->post('/specs/tarn-4-198', ['reason' => 'mended', 'revision' => '1', 'value' => $this->values([$taper => '.0035'])]);
        $this->assertSame([$this->owner->id], array_column(SpecificationDraft::ofFamily('tarn-4-198'), 'user_id'));
        $this->post('/specs/tarn-4-198/draft/discard')->assertRedirect();
        $this->assertCount(1, SpecificationDraft::ofFamily('tarn-4-198'), 'not mine to throw away');
        $this->actingAs($this->owner)->post('/specs/tarn-4-198/draft/discard')->assertRedirect();
        $this->assertSame([], SpecificationDraft::ofFamily('tarn-4-198'));
    }

    public function test_a_draft_tells_what_somebody_else_has_changed_meanwhile(): void
    {
        $this->post('/specs/tarn-4-198', [
            'rows' => 'draft',
            'revision' => '1',
            'value' => $this->values(['/bore/service/taper' => '.0045']),
        ]);
        $this->app
            ->make(SpecBook::class)
            ->add(
                ['stroke' => '4.3380'] + json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true),
                'mended',
                $this->owner,
            );
        $this->get("/specs/tarn-4-198/edit?draft={$this->owner->id}")
            ->assertOk()
            ->assertSee('Somebody else has made revision 2 meanwhile')
            ->assertSee('4.3375 → 4.3380')
            ->assertSee('value=".0045"', false)
            ->assertSee('value="4.3380"', false);
    }

    public function test_a_table_of_a_spreadsheet_is_read_in_and_comes_out_again(): void
    {
        $answer = $this->get('/specs/tarn-4-198/export?as=csv')->assertOk()->assertDownload('tarn-4-198-revision-1.csv');
        $csv = (string) $answer->getContent();
        $this->assertStringContainsString("Bore,\"service, taper\",.0050,/bore/service/taper\r\n", $csv);
        $this->import(str_replace('Tarn 4-198', 'Tarn 4-250', $csv))->assertRedirect('/specs/tarn-4-250');
        $specs = $this->app->make(SpecBook::class);
        $this->assertEquals($specs->sheet('tarn-4-198')->crankshaft, $specs->sheet('tarn-4-250')->crankshaft);
        $this->import(str_replace('.0050,/bore/service/taper', 'wide,/bore/service/taper', $csv))
            ->assertOk()
            ->assertSee('nothing was stored')
            ->assertSee('/bore/service/taper');
        $this->import("part,value,is\nplace,nothing,here")->assertOk()->assertSee('a table with the columns');
    }

    public function test_a_variant_keeps_only_its_differences_and_follows_its_base_after_a_look(): void
    {
        $this->post('/specs/tarn-4-198/variants', ['name' => 'Tarn 4-198 S'])->assertRedirect('/specs/tarn-4-198-s/edit');
        $form = $this->values(['/bore/service/taper' => '.0040', '/piston/mass_ug' => ''], 'tarn-4-198-s');
        $this->post('/specs/tarn-4-198-s', ['reason' => 'sport', 'revision' => '1', 'value' => $form])->assertRedirect(
            '/specs/tarn-4-198-s',
        );
        $kept = json_decode(SpecificationRevision::query()->where('family', 'tarn-4-198-s')->where('revision', 2)->sole()->document, true);
        $this->assertSame(['.0040', null], [$kept['bore']['service']['taper'], $kept['piston']['mass_ug']]);
        $this->assertArrayNotHasKey('crankshaft', $kept);
        $sheet = $this->specs()->sheet('tarn-4-198-s');
        $this->assertSame([101_600, null], [$sheet->bore->service->taper?->nanometres, $sheet->piston->mass]);
        $this->assertEquals($this->specs()->sheet('tarn-4-198')->crankshaft, $sheet->crankshaft);

        $base = json_decode((string) file_get_contents(resource_path('specs/tarn-4-198.json')), true);
        $base['bore']['service']['out_of_round'] = '.0025';
        $this->specs()->add($base, 'new edition', $this->owner);
        $this->assertSame(
            50_800,
            $this->specs()->sheet('tarn-4-198-s')->bore->service->outOfRound?->nanometres,
            'not before somebody looked',
        );
        $this->get('/specs/tarn-4-198-s')
            ->assertSee('A variant of')
            ->assertSee('service, taper: .0040 instead of .0050')
            ->assertSee('service, out-of-round: .0020 → .0025');
        $this->post('/specs/tarn-4-198-s/follow')->assertRedirect('/specs/tarn-4-198-s')->assertSessionDoesntHaveErrors();
        $followed = $this->specs()->sheet('tarn-4-198-s');
        $this->assertSame(
            [3, 63_500, 101_600],
            [$followed->revision, $followed->bore->service->outOfRound?->nanometres, $followed->bore->service->taper?->nanometres],
        );
        $this->assertSame(50_800, $this->specs()->sheet('tarn-4-198-s', 2)->bore->service->outOfRound?->nanometres, 'what was stays');
    }

    public function test_a_variant_of_a_variant_is_whole_and_a_circle_is_refused(): void
    {
        $this->post('/specs/tarn-4-198/variants', ['name' => 'Tarn A'])->assertRedirect();
        $this->post('/specs/tarn-a/variants', ['name' => 'Tarn B'])->assertRedirect();
        $this->assertEquals($this->specs()->sheet('tarn-4-198')->rods, $this->specs()->sheet('tarn-b')->rods);
        $this->post('/specs/tarn-b/copies', ['name' => 'Tarn C'])->assertRedirect();
        $this->assertStringNotContainsString('variant_of', $this->specs()->document('tarn-c', 1), 'a copy goes its own way');
        foreach (['tarn-b', 'tarn-a', 'nobody'] as $base) {
            $circle = (string) json_encode([
                'family' => 'tarn-a',
                'name' => 'Tarn A',
                'variant_of' => ['family' => $base, 'revision' => 1],
            ]);
            $this->import($circle)->assertOk()->assertSee('nothing was stored')->assertSee('/variant_of');
        }
        $this->assertSame([1], $this->specs()->revisions('tarn-a'));
        $this->get('/specs/nobody/compare')->assertNotFound();
    }

    private function specs(): SpecBook
    {
        $this->app->forgetInstance(SpecBook::class);

        return $this->app->make(SpecBook::class);
    }

    public function test_ten_thousand_pasted_rows_are_answered_and_nothing_is_lost(): void
    {
        $rows = implode("\n", array_map(static fn (int $row): string => "x{$row}\t1", range(1, 10_000)));
        $form = ['rows' => 'paste', 'revision' => '1', 'value' => $this->values([])];
        $answer = $this->post('/specs/tarn-4-198', ['paste' => $rows] + $form);
        $answer->assertOk()->assertSee('fit nothing on the sheet')->assertSee('x10000');
        $this->post('/specs/tarn-4-198', ['paste' => "{$rows}\n{$rows}"] + $form)->assertSessionHasErrors('paste');
        $lines = array_map(static fn (int $row): string => "a,b,1,/x/{$row}", range(1, 10_000));
        $this->import(implode("\n", ['part,value,is,place', ...$lines]))->assertOk()->assertSee('nothing was stored');
        $this->assertSame(0, SpecificationRevision::query()->count());
    }

    public function test_who_only_works_by_the_book_does_not_change_it(): void
    {
        $this->actingAs($this->person(Role::Machinist));
        $this->get('/specs/new')->assertForbidden();
        $this->post('/specs/new', self::SEVEN_ANSWERS)->assertForbidden();
        $this->get('/specs')->assertOk()->assertDontSee('Read a sheet in');
        $this->get('/specs/tarn-4-198/edit')->assertForbidden();
        $this->post('/specs/tarn-4-198', ['reason' => 'x', 'value' => []])->assertForbidden();
        $this->import('{}')->assertForbidden();
    }

    private function import(string $json): TestResponse
    {
        return $this->post('/specs', [
            'sheet' => UploadedFile::fake()->createWithContent('sheet.json', $json),
            'reason' => 'from the maker’s book',
        ]);
    }

    /**
     * @param  array<string, string>  $changes
     * @return array<string, string> What the form would send
     */
    private function values(array $changes, string $family = 'tarn-4-198'): array
    {
        $page = (string) $this->get("/specs/{$family}/edit")->getContent();
        preg_match_all('/name="value\[([^\]]+)\]" value="([^"]*)"/', $page, $fields);

        return $changes + array_combine($fields[1], array_map(html_entity_decode(...), $fields[2]));
    }
}
