<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\People\Role;
use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Storage\PolicyBook;
use App\Storage\PracticeEngine;
use App\Storage\SheetName;
use App\Storage\SpecBook;
use App\Storage\User;
use App\WholeEngines\EngineBench;
use App\WholeEngines\PracticeHouse;
use Database\Seeders\IdealLearner;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\ReadingUnit;
use Tests\TestCase;

/** Whole engines at the practice bench: read on the real sheets, in a house of their own, judged and scored (PRAC-2, PRAC-3). */
final class WholeEnginePracticeTest extends TestCase
{
    /** @var list<string> */
    protected array $connectionsToTransact = ['mariadb', 'practice'];

    private User $learner;

    protected function setUp(): void
    {
        parent::setUp();
        config(['app.practice_ports' => ['http' => 8411, 'https' => 0]]);
        $this->learner = $this->person(Role::Machinist);
        $this->actingAs($this->learner);
    }

    protected function tearDown(): void
    {
        DB::setDefaultConnection('mariadb');
        parent::tearDown();
    }

    public function test_an_engine_lies_in_the_practice_house_and_nowhere_in_the_shop(): void
    {
        [$jobs, $entries] = [Job::query()->count(), LedgerEntry::query()->count()];
        $row = $this->started();
        $this->assertSame([$jobs, $entries], [Job::query()->count(), LedgerEntry::query()->count()]);
        $this->assertSame(1, PracticeHouse::inside(static fn (): int => Job::query()->whereKey($row->job_id)->count()));
        $this->assertFalse(PracticeHouse::isHere(), 'what was done inside leaves the shop where it was');

        $page = $this->get("/practice/engines/{$row->ulid}")->assertOk();
        $page->assertSee(':8411/jobs/'.Job::tagOf($row->job_id).'/receive', false);
        $this->get('/practice')->assertOk()->assertSee('not judged yet');
        $this->get('/')->assertOk()->assertDontSee($row->ulid);
    }

    public function test_sent_twice_it_is_one_engine(): void
    {
        $ulid = (string) Str::ulid();
        $this->start($ulid)->assertRedirect("/practice/engines/{$ulid}");
        $this->start($ulid)->assertRedirect("/practice/engines/{$ulid}");
        $this->assertSame(1, PracticeEngine::query()->count());
    }

    public function test_without_a_practice_house_none_is_made(): void
    {
        config(['app.practice_ports' => ['http' => 0, 'https' => 0]]);
        $this->start((string) Str::ulid())->assertSessionHasErrors('family');
        $this->assertSame(0, PracticeEngine::query()->count());
    }

    public function test_in_the_practice_house_there_is_ones_own_engine_and_nothing_else(): void
    {
        $row = $this->started();
        foreach (['receive', 'clean', 'cracks', 'measure', 'measure/crankshaft', 'measure/deck'] as $page) {
            $this->there($row, $page)->assertOk()->assertDontSee(Job::tagOf($row->job_id).'</a>', false);
        }
        foreach (['judge', 'plan', 'work', 'history', 'certificate', 'release', 'findings', 'offers'] as $page) {
            $this->there($row, $page)->assertRedirect();
        }
        foreach (['judge/overrule', 'judge/pistons', 'judge/concessions', 'plan', 'release'] as $below) {
            $this->practice('POST', '/jobs/'.Job::tagOf($row->job_id)."/{$below}")->assertRedirect(PracticeHouse::shopUrl('/practice'));
        }
        $this->practice('GET', '/')->assertRedirect();
        $this->practice('GET', '/shop')->assertRedirect();
        $this->practice('GET', '/practice')->assertRedirect();

        $this->actingAs($this->person(Role::Owner));
        $this->there($row, 'measure')->assertRedirect();
        $this->get("/practice/engines/{$row->ulid}")->assertNotFound();
    }

    public function test_no_client_says_which_house_it_is_in(): void
    {
        $row = $this->started();
        $claims = ['NORTH_HOUSE' => 'practice', 'North-House' => 'practice'];
        $this->get('/jobs/'.Job::tagOf($row->job_id).'/measure', $claims)->assertNotFound();
    }

    public function test_the_gauge_that_is_stated_answers_for_the_place_that_is_chosen(): void
    {
        $row = $this->started();
        $this->assertSame('State the gauge first', $this->shows($row, 'bores', 'bore.1.top.thrust'));
        $this->assertMatchesRegularExpression('/^Shows \d+\.\d{3} mm$/', $this->shows($row, 'crankshaft', 'main.1.front.0'));
        $this->assertSame('Seen and felt: none', $this->shows($row, 'housings', 'imprint.1'));
        $this->assertSame('Nothing to be read here', $this->shows($row, 'crankshaft', 'mainstrip.1'));
        $this->stateBoreGauge($row);
        $this->assertMatchesRegularExpression('/^Shows [+\x{2212}]?[\d.]+ \S/u', $this->shows($row, 'bores', 'bore.1.top.thrust'));
        $answer = $this->there($row, 'practice/bores/shows?place=bore.1.top.thrust');
        $this->assertMatchesRegularExpression('/^It shows [+\x{2212}]?[\d.]+ /u', (string) $answer->json('on_master'));
        $this->there($row, 'practice/bores/shows?place=nonsense')->assertRedirect();
        $this->get('/jobs/NL-0001/practice/bores/shows?place=bore.1.top.thrust')->assertNotFound();
    }

    public function test_the_clock_of_a_crack_check_is_let_run(): void
    {
        $row = $this->started();
        $tag = Job::tagOf($row->job_id);
        $begun = $this->practice('POST', "/jobs/{$tag}/cracks/checks", [
            'ulid' => (string) Str::ulid(),
            'part' => 'head',
            'method' => 'dye penetrant',
            'surface' => 'machined',
            'temperature' => '20',
            'faces' => ['head face'],
            'face' => 'head face',
        ]);
        $begun->assertRedirect();
        foreach (['clean', 'penetrant'] as $step) {
            $this->step($tag, $step);
        }
        $this->there($row, 'cracks')->assertSee('Let the clock run on');
        $this->practice('POST', "/jobs/{$tag}/practice/clock")->assertRedirect();
        $this->assertGreaterThanOrEqual(600, $row->refresh()->clock_ahead);
        $this->there($row, 'cracks')->assertDontSee('Let the clock run on');
        foreach (['wipe', 'developer'] as $step) {
            $this->step($tag, $step);
        }
        $this->practice('POST', "/jobs/{$tag}/practice/clock")->assertRedirect();
        $this->there($row, 'cracks')->assertSee('What shows');
    }

    public function test_whoever_reads_everything_and_says_what_it_is_loses_no_point_for_it_and_keys_no_more(): void
    {
        $row = $this->started();
        $bench = EngineBench::of($row, $this->app->make(SpecBook::class), $this->app->make(PolicyBook::class));
        $this->app->make(IdealLearner::class)->read($bench, $this->learner);
        $is = $bench->engine->verdicts();
        $way = (string) $bench->engine->truth()->bores()->recommendation?->option->key();

        $this->judge($row, array_map(static fn ($verdict): string => $verdict->value, $is), $way)->assertRedirect();
        $row->refresh();
        $page = $this->get("/practice/engines/{$row->ulid}")->assertOk();
        $lost = $row->points;
        // Nobody looked for cracks, and the bores were read in full whether or not that was needed; nothing else is wrong.
        foreach (['parts were not looked at for cracks', 'A line that showed is not on the map', 'more than were needed'] as $said) {
            $page->assertSee($said);
        }
        $unsaid = ['better than', 'worse than', 'not what gauge and hand say', 'wanting before it could be told', 'lost its zero'];
        foreach ($unsaid as $said) {
            $page->assertDontSee($said);
        }
        $this->assertSame(100 - 20 - 10 - 15, $lost);
        $this->assertStringContainsString('What was wrong with it', (string) $page->getContent());
        $this->assertStringNotContainsString('✕', (string) $page->getContent());

        $this->practice('POST', '/jobs/'.Job::tagOf($row->job_id).'/sheets/bores/readings', [
            'ulid' => (string) Str::ulid(),
            'place' => 'bore.1.top.thrust',
            'text' => '9',
        ])->assertSessionHasErrors('text');
        $this->there($row, 'judge')->assertOk();
        $this->there($row, 'plan')->assertRedirect();
        $this->assertMatchesRegularExpression('/^It is \d+\.\d{3} mm$/', $this->shows($row, 'bores', 'bore.1.top.thrust'));
        $this->assertSame('It is none', $this->shows($row, 'housings', 'imprint.1'));
        $this->judge($row, ['block' => 'scrap'], 'replace');
        $this->assertSame($lost, $row->refresh()->points, 'a verdict is given once');
    }

    public function test_nothing_is_marked_before_the_verdict_and_the_truth_is_laid_over_the_drawings_after_it(): void
    {
        $row = $this->started();
        $bench = EngineBench::of($row, $this->app->make(SpecBook::class), $this->app->make(PolicyBook::class));
        $this->app->make(IdealLearner::class)->read($bench, $this->learner);
        $pages = ['measure', 'bores/1', 'measure/crankshaft', 'measure/housings', 'measure/rods', 'measure/heads', 'measure/deck'];
        foreach ($pages as $page) {
            $this->assertSame([0, 0], $this->marksAndTruth($row, $page), "{$page}, before");
        }
        $way = (string) $bench->engine->truth()->bores()->recommendation?->option->key();
        $this->judge($row, array_map(static fn ($verdict): string => $verdict->value, $bench->engine->verdicts()), $way);
        $counts = array_map(fn (string $page): array => $this->marksAndTruth($row, $page), array_combine($pages, $pages));
        $this->assertGreaterThan(0, array_sum(array_column($counts, 0)), 'what was worn past a limit is marked now');
        foreach ($pages as $page) {
            $this->assertGreaterThan(0, $counts[$page][1], "{$page}: the truth");
        }
    }

    /** @return array{int, int} Cells and shapes marked as past a limit or resting under it, and lines of what is really there */
    private function marksAndTruth(PracticeEngine $row, string $page): array
    {
        $html = (string) $this->there($row, $page)->assertOk()->getContent();

        return [
            preg_match_all('/<(?!p )\w+[^<>]* class="(?:[\w -]* )?(?:out|basis|undecided|close)(?: [\w -]*)?"/', $html),
            preg_match_all('/class="truth"|as it is, flat within|As it is: flat within/', $html),
        ];
    }

    public function test_what_a_coarse_gauge_cannot_tell_is_not_called_misread(): void
    {
        $row = $this->started();
        $this->stateBoreGauge($row, 'dial bore gauge 0.01 mm');
        $this->keyWhatShows($row, ['1', '2', '3']);
        $this->judge($row, array_fill_keys(['block', 'head', 'crankshaft', 'rods'], 'serviceable'), 'stay')->assertRedirect();
        $this->get("/practice/engines/{$row->ulid}")->assertOk()->assertDontSee('not what gauge and hand say');
    }

    /** A gauge that was zeroed on the part counts from what the part is there, which nobody knows (GAUGE-2). */
    public function test_a_gauge_zeroed_on_the_part_shows_what_is_more_or_less_than_there_and_is_judged_by_that(): void
    {
        $unit = static fn (string $label): ReadingUnit => array_column(
            array_map(static fn (ReadingUnit $one): array => [$one->label(), $one], ReadingUnit::cases()),
            1,
            0,
        )[$label];
        foreach (['dial bore gauge 0.002 mm', 'dial bore gauge 0.01 mm'] as $gauge) {
            $row = $this->started();
            $this->stateBoreGauge($row, $gauge, ['zero' => null, 'zero_place' => 'bore.1.bottom.inline']);
            $bench = EngineBench::of($row, $this->app->make(SpecBook::class), $this->app->make(PolicyBook::class));
            $is = static fn (string $place): int => $bench->length(SheetName::bores(), Place::parse($place))->nanometres ?? 0;
            foreach (['bore.1.top.thrust', 'bore.3.middle.inline'] as $place) {
                $this->assertSame(1, preg_match('/^Shows (\S+) (.+)$/u', $this->shows($row, 'bores', $place), $shown));
                $this->assertEqualsWithDelta(
                    ($is($place) - $is('bore.1.bottom.inline')) / $unit($shown[2])->nanometres(),
                    (float) str_replace("\u{2212}", '-', $shown[1]),
                    1.5,
                    "{$gauge}, {$place}",
                );
            }
            $answer = $this->there($row, 'practice/bores/shows?place=bore.1.top.thrust');
            $this->assertSame(1, preg_match('/^It shows (\S+) /u', (string) $answer->json('on_master'), $onMaster));
            $this->assertEqualsWithDelta(0.0, (float) str_replace("\u{2212}", '-', $onMaster[1]), 1.0, 'back where it was zeroed');
            $this->keyWhatShows($row, ['1', '2', '3']);
            $this->judge($row, array_fill_keys(['block', 'head', 'crankshaft', 'rods'], 'serviceable'), 'stay')->assertRedirect();
            $this->get("/practice/engines/{$row->ulid}")->assertOk()->assertDontSee('not what gauge and hand say');
        }
    }

    /** @param  list<string>  $cylinders */
    private function keyWhatShows(PracticeEngine $row, array $cylinders): void
    {
        foreach ($cylinders as $cylinder) {
            foreach (['top', 'middle', 'bottom'] as $level) {
                $place = "bore.{$cylinder}.{$level}.thrust";
                $this->assertSame(1, preg_match('/^Shows (\S+)/u', $this->shows($row, 'bores', $place), $shown));
                $this->practice('POST', '/jobs/'.Job::tagOf($row->job_id).'/sheets/bores/readings', [
                    'ulid' => (string) Str::ulid(),
                    'place' => $place,
                    'text' => str_replace("\u{2212}", '-', $shown[1]),
                ])->assertSessionHasNoErrors();
            }
        }
    }

    public function test_what_is_called_good_and_is_not_costs_points_and_every_part_has_to_be_said(): void
    {
        $row = $this->started();
        $this->judge($row, [], 'stay')->assertSessionHasErrors('parts');
        $this->judge($row, ['block' => 'nonsense'], 'stay')->assertSessionHasErrors('parts.block');
        $this->assertNull($row->refresh()->points);
        $all = array_fill_keys(['block', 'head', 'crankshaft', 'rods'], 'serviceable');
        $this->judge($row, $all, 'stay')->assertRedirect();
        $this->assertLessThan(50, $row->refresh()->points);
        $this->get('/practice')->assertSee("{$row->points} of 100");
        $this->actingAs($this->person(Role::Owner));
        $this->get('/practice')->assertSee('Engines judged');
    }

    private function start(string $ulid): TestResponse
    {
        return $this->post('/practice/engines', ['ulid' => $ulid, 'family' => 'quern-3-16', 'difficulty' => 'plain', 'seed' => '5']);
    }

    private function started(): PracticeEngine
    {
        $ulid = (string) Str::ulid();
        $this->start($ulid)->assertRedirect();

        return PracticeEngine::query()->where('ulid', $ulid)->sole();
    }

    private function there(PracticeEngine $row, string $page): TestResponse
    {
        return $this->practice('GET', '/jobs/'.Job::tagOf($row->job_id)."/{$page}");
    }

    /** @param  array<string, mixed>  $form */
    private function practice(string $method, string $path, array $form = []): TestResponse
    {
        return $this->call($method, $path, $form, server: ['NORTH_HOUSE' => 'practice']);
    }

    private function shows(PracticeEngine $row, string $sheet, string $place): string
    {
        return (string) $this->there($row, "practice/{$sheet}/shows?place={$place}")->assertOk()->json('shows');
    }

    private function step(string $tag, string $step): void
    {
        $run = PracticeHouse::inside(
            static fn (): string => (string) DB::table('observations')->where('kind', 'crack check')->value('subject'),
        );
        $this->practice('POST', "/jobs/{$tag}/cracks/steps", [
            'ulid' => (string) Str::ulid(),
            'run' => $run,
            'step' => $step,
            'face' => 'head face',
        ])->assertRedirect();
    }

    /** @param  array<string, ?string>  $changes */
    private function stateBoreGauge(PracticeEngine $row, string $gauge = 'dial bore gauge 0.002 mm', array $changes = []): void
    {
        $this->practice('POST', '/jobs/'.Job::tagOf($row->job_id).'/sheets/bores/setups', $changes + [
            'ulid' => (string) Str::ulid(),
            'feature' => 'bore',
            'instrument' => $gauge,
            'zero' => (string) ($this->app->make(SpecBook::class)->sheet($row->family)->bore->nominal->nanometres / 1_000_000),
        ])->assertOk();
    }

    /** @param  array<string, string>  $parts */
    private function judge(PracticeEngine $row, array $parts, string $way): TestResponse
    {
        return $this->post("/practice/engines/{$row->ulid}/verdict", ['parts' => $parts, 'way' => $way]);
    }
}
