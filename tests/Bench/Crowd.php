<?php

declare(strict_types=1);

namespace Tests\Bench;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Inspectors who key at the pace of a hand, each into a job of his own, and a Bench that looks again all the time. */
final class Crowd
{
    private const SECONDS = 40.0;

    /** Between one reading and the next. */
    private const PAUSE_MS = [1_500, 3_500];

    private const BENCH_PAUSE_MS = 2_000;

    private const BENCH = -1;

    private \CurlMultiHandle $many;

    /** @var array<int, array{handle: \CurlHandle, who: int}> By handle */
    private array $onTheWay = [];

    /** @var array<int, float> When each reads next, in seconds; the Bench looks again under BENCH */
    private array $due = [];

    /** @var array<int, int> Readings that each has keyed */
    private array $keyed = [];

    /** @var list<float> Milliseconds of the readings that were kept */
    private array $readings = [];

    /** @var list<float> Milliseconds of the looks at the Bench */
    private array $looks = [];

    private int $refused = 0;

    private readonly Randomizer $chance;

    /** @param  list<string>  $tags  One job for each inspector, its gauge stated */
    public function __construct(private readonly Client $client, private readonly array $tags)
    {
        $this->many = curl_multi_init();
        $this->chance = new Randomizer(new Mt19937(count($tags)));
    }

    /** @return array{kept: int, refused: int, per_second: float, p50_ms: float, p95_ms: float, most_ms: float, bench_p95_ms: float} */
    public function work(): array
    {
        $began = microtime(true);
        foreach (array_keys($this->tags) as $who) {
            $this->due[$who] = $began + $this->pause();
        }
        $this->due[self::BENCH] = $began;
        while (microtime(true) < $began + self::SECONDS || $this->onTheWay !== []) {
            $isOver = microtime(true) >= $began + self::SECONDS;
            foreach ($isOver ? [] : $this->due as $who => $when) {
                if (microtime(true) >= $when) {
                    $this->send($who);
                }
            }
            curl_multi_exec($this->many, $running);
            curl_multi_select($this->many, 0.005);
            $this->take();
        }

        return [
            'kept' => count($this->readings),
            'refused' => $this->refused,
            'per_second' => round(count($this->readings) / self::SECONDS, 1),
            'p50_ms' => self::part($this->readings, 0.5),
            'p95_ms' => self::part($this->readings, 0.95),
            'most_ms' => self::part($this->readings, 1.0),
            'bench_p95_ms' => self::part($this->looks, 0.95),
        ];
    }

    private function send(int $who): void
    {
        unset($this->due[$who]);
        $handle = $who === self::BENCH ? $this->client->request('/', null) : $this->reading($who);
        $this->onTheWay[(int) spl_object_id($handle)] = ['handle' => $handle, 'who' => $who];
        curl_multi_add_handle($this->many, $handle);
    }

    /** The next of his sheet; from the second time round as a correction. */
    private function reading(int $who): \CurlHandle
    {
        $number = $this->keyed[$who] ?? 0;
        $this->keyed[$who] = $number + 1;
        $places = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];
        $place = sprintf('bore.%d.%s', intdiv($number, 6) % 8 + 1, $places[$number % 6]);
        $form = $this->client->reading($place, sprintf('%.1f', 3 + $number % 5 / 10));

        return $this->client->request(
            "/jobs/{$this->tags[$who]}/sheets/bores/readings",
            $number < 48 ? $form : $form + ['reason' => 'misread'],
        );
    }

    private function take(): void
    {
        while (($done = curl_multi_info_read($this->many)) !== false) {
            ['handle' => $handle, 'who' => $who] = $this->onTheWay[(int) spl_object_id($done['handle'])];
            unset($this->onTheWay[(int) spl_object_id($handle)]);
            $took = curl_getinfo($handle, CURLINFO_TOTAL_TIME) * 1_000;
            match (true) {
                curl_getinfo($handle, CURLINFO_HTTP_CODE) !== 200 => $this->refused++,
                $who === self::BENCH => ($this->looks[] = $took),
                default => ($this->readings[] = $took),
            };
            curl_multi_remove_handle($this->many, $handle);
            $this->due[$who] = microtime(true) + ($who === self::BENCH ? self::BENCH_PAUSE_MS / 1_000 : $this->pause());
        }
    }

    private function pause(): float
    {
        return $this->chance->getInt(...self::PAUSE_MS) / 1_000;
    }

    /** @param  list<float>  $times */
    private static function part(array $times, float $share): float
    {
        sort($times);

        return $times === [] ? 0.0 : round($times[min(count($times) - 1, (int) floor(count($times) * $share))], 1);
    }
}
