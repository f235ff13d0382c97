<?php

// Run by bin/bench: measures requests and the core, prints a table, writes JSON where that is wanted.

declare(strict_types=1);

use NorthLedger\Core\Planning\BlockAssessment;
use Tests\Bench\Client;
use Tests\Bench\Stopwatch;
use Tests\Core\Bench;

require dirname(__DIR__).'/vendor/autoload.php';

[, $base, $jsonFile] = $argv + [1 => '', 2 => ''];
$client = new Client($base);
$client->logIn('inspector', 'demo-shop');
$tag = $client->newMeasuredVee();

$rounds = 3;
$few = 120;
$figures = [];
$measure = static function (string $name, callable $request) use (&$figures, $rounds, $few): void {
    for ($i = 0; $i < 10; $i++) {
        $request();
    }
    $watch = new Stopwatch;
    for ($i = 0; $i < $rounds * $few; $i++) {
        $watch->time($request);
    }
    $figures[$name] = $watch->figures();
    printf("  %-34s %8.1f /s   p50 %6.2f ms   p95 %6.2f ms\n", $name, $figures[$name]['per_second'], $figures[$name]['p50_ms'], $figures[$name]['p95_ms']);
};

echo "\nOne client, one request at a time:\n";
$measure('floor', static fn () => $client->get('/bench-floor'));
$measure('bench_50', static fn () => $client->get('/'));
$client->fillBench(5_000);
$measure('bench_5000', static fn () => $client->get('/'));
$client->fillBench(45_000);
$measure('bench_50000', static fn () => $client->get('/'));
$measure('measure_v8', static fn () => $client->get("/jobs/{$tag}/measure"));
$measure('post_reading', static fn () => $client->postReading($tag));
$measure('floor_again', static fn () => $client->get('/bench-floor'));

$sheet = Bench::sheet('brae-v8-311');
$policy = Bench::policy();
$bores = array_map(static fn (int $cylinder) => Bench::bore($sheet, $cylinder, [6.1 + $cylinder / 10, 3.2, 3.9, 2.2, 0.8, 0.6], 1.2), $sheet->layout->cylinders());
$watch = new Stopwatch;
for ($i = 0; $i < 400; $i++) {
    $watch->time(static fn () => BlockAssessment::of($sheet, $policy, $bores, null));
}
$core = $watch->figures();
printf("\nThe core alone, a full V8 judged and planned:   p50 %.2f ms   p95 %.2f ms   (goal 2)\n", $core['p50_ms'], $core['p95_ms']);

$floor = ($figures['floor']['p50_ms'] + $figures['floor_again']['p50_ms']) / 2;
$ratios = [
    'post_reading' => $figures['post_reading']['p50_ms'] / $floor,
    'measure_v8' => $figures['measure_v8']['p50_ms'] / $floor,
    'bench_5000' => $figures['bench_5000']['p50_ms'] / $floor,
    'bench_growth' => $figures['bench_5000']['p50_ms'] / $figures['bench_50']['p50_ms'],
    'bench_growth_50000' => $figures['bench_50000']['p50_ms'] / $figures['bench_50']['p50_ms'],
];
$goals = ['post_reading' => 4, 'measure_v8' => 5, 'bench_5000' => 4, 'bench_growth' => 1.3, 'bench_growth_50000' => 1.3];
echo "\nMedians against the floor, which is a bare text route of the same framework:\n";
foreach ($ratios as $name => $ratio) {
    printf("  %-34s %5.2f   goal %.1f   %s\n", $name, $ratio, $goals[$name], $ratio <= $goals[$name] ? 'reached' : 'not reached');
}
if ($jsonFile !== '') {
    file_put_contents($jsonFile, json_encode(['ratios' => array_map(static fn (float $ratio): float => round($ratio, 3), $ratios), 'requests' => $figures, 'core_v8' => $core], JSON_PRETTY_PRINT)."\n");
    echo "\nWritten to {$jsonFile}\n";
}
