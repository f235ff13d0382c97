<?php

// Run by bin/bench: measures requests and the core, prints a table, writes JSON where that is wanted.

declare(strict_types=1);

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Assessment\EngineAssessment;
use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Features\Crankshaft\CrankshaftJudge;
use NorthLedger\Core\Features\Faces\FaceJudge;
use NorthLedger\Core\Features\Faces\FacePlan;
use NorthLedger\Core\Features\Heads\HeadJudge;
use NorthLedger\Core\Features\Housings\HousingJudge;
use NorthLedger\Core\Features\Rods\RodJudge;
use NorthLedger\Core\Features\Running\RunningReport;
use NorthLedger\Core\Geometry\Height;
use NorthLedger\Core\Geometry\LocalFlatness;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Planning\BuildWishes;
use NorthLedger\Core\Planning\Choices\EngineChoices;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\Shelf;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Scheduling\Scheduler;
use NorthLedger\Core\Simulation\ScreeningTrial;
use NorthLedger\Core\Simulation\SimulatedEngine;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Bench\BusyShop;
use Tests\Bench\Client;
use Tests\Bench\Crowd;
use Tests\Bench\Stopwatch;
use Tests\Core\Bench;
use Tests\Core\KnownEngine;
use Tests\Core\MeasuredEngine;

require dirname(__DIR__).'/vendor/autoload.php';

[, $base, $jsonFile, $crowds] = $argv + [1 => '', 2 => '', 3 => ''];
$client = new Client($base);
$client->logIn('inspector', 'demo-shop');
if ($crowds !== '') {
    echo "\nInspectors who key a reading every two or three seconds, and a Bench that looks again all the time:\n";
    foreach (array_map(intval(...), explode(',', $crowds)) as $inspectors) {
        $figures = (new Crowd($client, array_map(static fn (): string => $client->newVee(), range(1, max(1, $inspectors)))))->work();
        printf(
            "  %4d inspectors   %5d kept   %d refused   %6.1f /s   p50 %6.1f ms   p95 %6.1f ms   most %6.1f ms   Bench p95 %6.1f ms%s\n",
            $inspectors,
            $figures['kept'],
            $figures['refused'],
            $figures['per_second'],
            $figures['p50_ms'],
            $figures['p95_ms'],
            $figures['most_ms'],
            $figures['bench_p95_ms'],
            $inspectors >= 50 ? '   (goal p95 300)' : '',
        );
    }
    exit(0);
}
$tags = array_map(static fn (): string => $client->newMeasuredVee(), range(1, 8));

const ROUNDS = 300;
$figures = $ratios = [];
// Each request takes turns with the floor, so that a machine that slows down for a while slows both.
$measure = static function (string $name, callable $request) use ($client, &$figures, &$ratios): void {
    $floor = new Stopwatch();
    $watch = new Stopwatch();
    for ($i = 0; $i < ROUNDS + 15; $i++) {
        $isWarm = $i >= 15;
        $isWarm ? $floor->time(static fn () => $client->get('/bench-floor')) : $client->get('/bench-floor');
        $isWarm ? $watch->time($request) : $request();
    }
    $figures[$name] = $watch->figures() + ['floor_p50_ms' => $floor->figures()['p50_ms']];
    $ratios[$name] = $figures[$name]['p50_ms'] / $figures[$name]['floor_p50_ms'];
    printf(
        "  %-16s %7.1f /s   p50 %6.2f ms   p95 %6.2f ms   floor %5.2f ms   ratio %5.2f\n",
        $name,
        $figures[$name]['per_second'],
        $figures[$name]['p50_ms'],
        $figures[$name]['p95_ms'],
        $figures[$name]['floor_p50_ms'],
        $ratios[$name],
    );
};

echo "\nOne client, one request at a time, taking turns with the floor (a bare text route of the same framework):\n";
$measure('floor', static fn () => $client->get('/bench-floor'));
$client->fillBench(41);
$measure('bench_50', static fn () => $client->get('/'));
$client->fillBench(4_950);
$measure('bench_5000', static fn () => $client->get('/'));
$client->fillBench(45_000);
$measure('bench_50000', static fn () => $client->get('/'));
$client->addFamilies(1_000);
$measure('specs_list', static fn () => $client->get('/specs'));
$measure('specs_search', static fn () => $client->get('/specs?q=overhead+AL-77'));
$measure('specs_lookup', static fn () => $client->get('/specs/lookup?size[bore]=3.8131&size[bore_spacing]=4.3750'));
$measure('measure_v8', static fn () => $client->get("/jobs/{$tags[0]}/measure"));
$measure('load', static fn () => $client->get('/load'));
$measure('practice', static fn () => $client->get('/practice/read/micrometer-inch-vernier'));
$measure('crack_map', static fn () => $client->get('/jobs/NL-0411/cracks'));
foreach (Section::beside() as $section) {
    $measure("sheet_{$section->value}", static fn () => $client->get("/jobs/NL-0418/measure/{$section->value}"));
}
$measure('judge', static fn () => $client->get('/jobs/NL-0418/judge'));
$measure('plan', static fn () => $client->get('/jobs/NL-0418/plan'));
$measure('offers', static fn () => $client->get('/jobs/NL-0418/offers'));
$measure('post_reading', static fn () => $client->postReading($tags));
$client->agree('NL-0418');
$measure('work', static fn () => $client->get('/jobs/NL-0418/work'));
$measure('verify', static fn () => $client->get('/jobs/NL-0418/verify/crankshaft'));
$measure('post_log', static fn () => $client->keepTime('NL-0418'));
$measure('post_tick', static fn () => $client->tick('NL-0418'));
$measure('machines', static fn () => $client->get('/machines/mill'));

$sheet = Bench::sheet('brae-v8-311');
$policy = Bench::policy();
$bores = array_map(
    static fn (int $cylinder) => Bench::bore($sheet, $cylinder, [6.1 + $cylinder / 10, 3.2, 3.9, 2.2, 0.8, 0.6], 1.2),
    $sheet->layout->cylinders(),
);
$watch = new Stopwatch();
for ($i = 0; $i < 400; $i++) {
    $watch->time(static fn () => BlockAssessment::of($sheet, $policy, $bores, null));
}
$core = $watch->figures();
printf("\nThe core alone, a full V8 judged and planned:   p50 %.2f ms   p95 %.2f ms   (goal 2)\n", $core['p50_ms'], $core['p95_ms']);

$engine = new MeasuredEngine($sheet);
$read = [];
foreach (Section::beside() as $section) {
    $read[$section->value] = $engine->measurements($section);
}
$watch = new Stopwatch();
for ($i = 0; $i < 200; $i++) {
    $watch->time(static function () use ($sheet, $policy, $bores, $read): void {
        $bearings = $read['housings']->plus($read['rods']);
        EngineAssessment::of(
            $sheet,
            BlockAssessment::of($sheet, $policy, $bores, null),
            [
                'crankshaft' => (new CrankshaftJudge($sheet, $policy, $bearings))->judge($read['crankshaft']),
                'housings' => (new HousingJudge($sheet, $policy))->judge($read['housings']),
                'rods' => (new RodJudge($sheet, $policy))->judge($read['rods']),
                'deck' => (new FaceJudge($sheet, $policy))->judge($read['deck']),
                'heads' => (new HeadJudge($sheet, $policy))->judge($read['heads']),
            ],
            [],
            [],
        );
    });
}
$whole = $watch->figures();
printf(
    "The core alone, a complete V8 with every sheet judged:   p50 %.2f ms   p95 %.2f ms   (goal 15)\n",
    $whole['p50_ms'],
    $whole['p95_ms'],
);
$facts = new KnownEngine(
    $sheet,
    ['crankshaft' => ['pinscore.2' => 50_800, 'mainscore.1' => 25_400], 'rods' => ['bend.3' => 200_000]],
    bores: [1 => [12, 9, 8, 6, 2, 2], 2 => [40, 20, 10, 10, 4, 4]],
);
$watch = new Stopwatch();
for ($i = 0; $i < 60; $i++) {
    $inspection = new EngineInspection($sheet, $policy, $facts);
    $inspection->engine();
    $watch->time(static function () use ($sheet, $policy, $facts, $inspection): void {
        $wishes = new BuildWishes(Money::ofMinor(250_000));
        $choices = EngineChoices::of(
            new EngineToPlan($sheet, $policy, $inspection, $facts->cracks(), RunningReport::none(), $wishes, Shelf::empty()),
        );
        [$choices->recommended($policy->preference, $wishes->budget), $choices->cheapest(), $choices->longestLived()];
    });
}
$planned = $watch->figures();
printf(
    "The core alone, a complete V8 planned three ways:   p50 %.2f ms   p95 %.2f ms   (goal 20)\n",
    $planned['p50_ms'],
    $planned['p95_ms'],
);
$heights = [];
$chance = new Randomizer(new Mt19937(500));
for ($i = 0; $i < 500; $i++) {
    $heights[] = new Height(20_000_000 * ($i % 25), 10_000_000 * intdiv($i, 25), $chance->getInt(0, 60_000));
}
$watch = new Stopwatch();
for ($i = 0; $i < 60; $i++) {
    $watch->time(static fn () => [FacePlan::of($heights)->flatness(), LocalFlatness::worst($heights, 76_200_000)]);
}
$deck = $watch->figures();
printf(
    "The core alone, a deck of 500 points, overall and in every square:   p50 %.2f ms   p95 %.2f ms   (goal 30)\n",
    $deck['p50_ms'],
    $deck['p95_ms'],
);
$artisan = static function (string $command): float {
    $begin = hrtime(true);
    shell_exec("php artisan {$command} 2>/dev/null");

    return (hrtime(true) - $begin) / 1e6;
};
$file = (string) tempnam(sys_get_temp_dir(), 'package');
$works = $starts = [];
for ($i = 0; $i < 9; $i++) {
    // A command that has nothing to do: what is left is the work.
    $starts[] = $artisan('env > /dev/null');
    $works[] = $artisan("ledger:export NL-0418 > {$file}") + $artisan("ledger:evaluate {$file} > /dev/null");
}
unlink($file);
sort($works);
sort($starts);
$package = ['export_and_evaluate_ms' => $works[4] - 2 * $starts[4], 'start_ms' => $starts[4]];
printf(
    "Export and evaluate a whole V8: %.0f ms of work beside starting PHP twice (%.0f ms each); goal 150\n",
    $package['export_and_evaluate_ms'],
    $package['start_ms'],
);

$busy = BusyShop::load();
$watch = new Stopwatch();
for ($i = 0; $i < 5; $i++) {
    $watch->time(static fn () => Scheduler::best($busy));
}
$load = $watch->figures();
$order = Scheduler::best($busy)->order();
$sooner = $busy->with([$busy->operations[$order[20]]->goingOn()]);
$watch = new Stopwatch();
for ($i = 0; $i < 9; $i++) {
    $watch->time(static fn () => Scheduler::best($sooner, 8, $order));
}
$again = $watch->figures();
printf(
    "The core alone, 60 jobs with 700 operations planned: %.0f ms (goal 1500); again after one of them began: %.0f ms (goal 200)\n",
    $load['p50_ms'],
    $again['p50_ms'],
);

const ENGINES = 2_000;
$chance = new Randomizer(new Mt19937(198));
$families = array_map(Bench::sheet(...), ['tarn-4-198', 'fell-6-d', 'brae-v8-311']);
$shares = [];
$wrong = $early = 0;
for ($i = 0; $i < ENGINES; $i++) {
    $family = $families[$i % count($families)];
    $trial = ScreeningTrial::of(
        $family,
        $policy,
        SimulatedEngine::of($family, Length::ofNanometres($chance->getInt(20_000, 400_000)), $chance),
    );
    $shares[] = $trial->needed / $trial->full;
    $wrong += $trial->agrees ? 0 : 1;
    $early += $trial->needed < $trial->full ? 1 : 0;
}
sort($shares);
$screening = [
    'engines' => ENGINES,
    'median_share' => $shares[ENGINES / 2],
    'p90_share' => $shares[(int) (0.9 * ENGINES)],
    'saved_anything' => $early / ENGINES,
    'wrong' => $wrong,
];
printf(
    "\nScreening, %d simulated engines worn 0.02 to 0.4 mm: readings needed of the full set, median %.0f %% (goal under 45), p90 ".
        "%.0f %%; %.0f %% of the engines need fewer than all; wrong %d (goal 0)\n",
    ENGINES,
    100 * $screening['median_share'],
    100 * $screening['p90_share'],
    100 * $screening['saved_anything'],
    $wrong,
);

$ratios['bench_growth'] = $ratios['bench_5000'] / $ratios['bench_50'];
$ratios['bench_growth_50000'] = $ratios['bench_50000'] / $ratios['bench_50'];
$goals = [
    'post_reading' => 4,
    'measure_v8' => 5,
    'crack_map' => 5,
    'bench_5000' => 4,
    'bench_growth' => 1.3,
    'bench_growth_50000' => 1.3,
] + ['specs_list' => 5, 'specs_search' => 5, 'specs_lookup' => 5] +
    array_fill_keys(array_map(static fn (Section $section): string => "sheet_{$section->value}", Section::beside()), 5) +
    ['judge' => 5, 'plan' => 5, 'work' => 5, 'verify' => 5, 'post_log' => 4, 'post_tick' => 4, 'load' => 5, 'practice' => 4];
echo "\nMedians against the floor, and growth against the Bench with 50 jobs:\n";
foreach ($goals as $name => $goal) {
    printf("  %-34s %5.2f   goal %.1f   %s\n", $name, $ratios[$name], $goal, $ratios[$name] <= $goal ? 'reached' : 'not reached');
}
if ($jsonFile !== '') {
    file_put_contents(
        $jsonFile,
        json_encode(
            [
                'ratios' => array_map(static fn (float $ratio): float => round($ratio, 3), $ratios),
                'requests' => $figures,
                'core_v8' => $core,
                'core_whole_v8' => $whole,
                'core_planned_v8' => $planned,
                'core_deck_500' => $deck,
                'core_load_700' => $load,
                'core_load_700_again' => $again,
                'package' => $package,
                'screening' => $screening,
            ],
            JSON_PRETTY_PRINT,
        )."\n",
    );
    echo "\nWritten to {$jsonFile}\n";
}
