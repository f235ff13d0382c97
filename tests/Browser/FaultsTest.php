<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\TestCase;
use Tests\Bench\Client;

/** Many writers at once, one request many times, and a database that is stopped in the middle, against the running servers. */
final class FaultsTest extends TestCase
{
    private Client $client;

    private string $tag;

    protected function setUp(): void
    {
        $this->client = new Client((string) getenv('BASE_URL'));
        $this->client->logIn('inspector', 'demo-shop');
        $this->tag = $this->client->newVee();
    }

    public function test_one_request_sent_ten_times_at_once_counts_once(): void
    {
        $reading = $this->client->reading('bore.1.top.thrust', '3.1');
        $answers = $this->client->together($this->tag, array_fill(0, 10, $reading));

        $this->assertSame(array_fill(0, 10, 200), array_column($answers, 'status'));
        $this->assertSame(
            1,
            count(array_unique(array_map(static fn (array $answer): mixed => $answer['data']['head'], $answers))),
            'every answer tells the same state',
        );
        $this->assertSame(['3.1'], $this->typed());
        $this->assertChainIsWhole();
    }

    public function test_one_engine_received_ten_times_at_once_is_one_job(): void
    {
        $serial = 'AT-ONCE-'.$this->client->ulid();
        $form = [
            'ulid' => $this->client->ulid(),
            'family' => 'tarn-4-198',
            'serial' => $serial,
            'customer' => $serial,
            'due_on' => '2031-01-01',
        ];
        $answers = $this->client->together('', array_fill(0, 10, $form), '/jobs');

        $this->assertSame([302], array_values(array_unique(array_column($answers, 'status'))));
        $database = Client::database();
        foreach (['jobs WHERE serial', 'customers WHERE name'] as $rows) {
            $this->assertSame('1', (string) $database->query("SELECT COUNT(*) FROM {$rows} = ".$database->quote($serial))->fetchColumn());
        }
    }

    public function test_fifty_writers_at_once_lose_nothing_and_leave_the_chain_whole(): void
    {
        $readings = [];
        foreach (range(1, 8) as $cylinder) {
            foreach (['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'] as $index => $place) {
                $readings[] = $this->client->reading("bore.{$cylinder}.{$place}", sprintf('%d.%d', $cylinder, $index));
            }
        }
        $readings[] = $this->client->reading('piston.1', '3.8105');
        $readings[] = $this->client->reading('piston.2', '3.8106');
        $answers = $this->client->together($this->tag, $readings);

        $this->assertSame([200], array_values(array_unique(array_column($answers, 'status'))));
        $typed = $this->typed();
        $expected = array_column($readings, 'text');
        sort($typed);
        sort($expected);
        $this->assertSame($expected, $typed);
        $heads = array_map(static fn (array $answer): int => $answer['data']['head'], $answers);
        $this->assertCount(50, array_unique($heads), 'every write has a number of its own');
        $this->assertChainIsWhole();
    }

    public function test_a_server_that_dies_between_request_and_answer_has_every_reading_once_when_all_is_sent_again(): void
    {
        $readings = [];
        foreach (range(1, 8) as $cylinder) {
            foreach (['top.thrust', 'middle.thrust', 'bottom.thrust'] as $index => $place) {
                $readings[] = $this->client->reading("bore.{$cylinder}.{$place}", sprintf('%d.%d', $cylinder, $index));
            }
        }
        $server = new WebServer();
        try {
            // The first answer has come, and the others are somewhere between being written and being told.
            $answers = $this->client->together($this->tag, $readings, onTheWay: $server->stop(...));
        } finally {
            $server->start();
        }
        $this->assertContains(0, array_column($answers, 'status'), 'some were never answered');

        $again = $this->client->together($this->tag, $readings);
        $this->assertSame([200], array_values(array_unique(array_column($again, 'status'))));
        $typed = $this->typed();
        $expected = array_column($readings, 'text');
        sort($typed);
        sort($expected);
        $this->assertSame($expected, $typed);
        $this->assertChainIsWhole();
    }

    public function test_a_line_of_a_gauge_sent_ten_times_at_once_waits_for_its_page_once(): void
    {
        $database = new \PDO(
            'mysql:unix_socket='.getenv('DB_SOCKET').';dbname='.getenv('DB_DATABASE'),
            (string) getenv('DB_USERNAME'),
            (string) getenv('DB_PASSWORD'),
            [\PDO::ATTR_ERRMODE => \PDO::ERRMODE_EXCEPTION],
        );
        $database->exec("UPDATE gauges SET feed_token_hash = SHA2('ten at once', 256), feed_series = feed_series + 1 WHERE tag = 'G-07'");
        $this->assertSame(
            200,
            $this->client->together($this->tag, [['gauge' => 'G-07', 'seat' => $this->client->ulid()]], 'sheets/bores/claims')[0]['status'],
        );

        $many = curl_multi_init();
        $handles = array_map(static function () use ($many): \CurlHandle {
            $handle = curl_init(getenv('BASE_URL').'/feed');
            curl_setopt_array($handle, [
                CURLOPT_RETURNTRANSFER => true,
                CURLOPT_TIMEOUT => 30,
                CURLOPT_POSTFIELDS => "G-07 +3.1 thou 77\n",
                CURLOPT_HTTPHEADER => ['Authorization: Bearer ten at once', 'Content-Type: text/plain'],
            ]);
            curl_multi_add_handle($many, $handle);

            return $handle;
        }, range(1, 10));
        do {
            curl_multi_exec($many, $running);
            curl_multi_select($many, 0.2);
        } while ($running > 0);
        $answers = array_count_values(
            array_map(static fn (\CurlHandle $handle): string => trim((string) curl_multi_getcontent($handle)), $handles),
        );

        ksort($answers);
        $this->assertSame(['again 77' => 9, 'ok 77' => 1], $answers);
        $this->assertSame(1, (int) $database->query('SELECT COUNT(*) FROM gauge_lines WHERE sequence = 77')->fetchColumn());
    }

    public function test_a_clock_that_jumps_neither_loses_nor_reorders_anything(): void
    {
        $clock = (string) getenv('CLOCK_FILE');
        try {
            foreach (['3.1' => 0, '3.2' => 3_600, '3.3' => -3_600, '3.4' => 0] as $text => $ahead) {
                file_put_contents($clock, (string) $ahead);
                $place = 'bore.'.(int) substr($text, 2).'.top.thrust';
                $this->assertSame(200, $this->client->together($this->tag, [$this->client->reading($place, $text)])[0]['status']);
            }
        } finally {
            file_put_contents($clock, '0');
        }
        $this->assertSame(['3.1', '3.2', '3.3', '3.4'], $this->typed());
        $this->assertChainIsWhole();
    }

    public function test_two_readings_of_one_place_at_once_leave_one_and_ask_about_the_other(): void
    {
        $answers = $this->client->together($this->tag, [
            $this->client->reading('bore.1.top.thrust', '3.1'),
            $this->client->reading('bore.1.top.thrust', '3.2'),
        ]);
        $statuses = array_column($answers, 'status');
        sort($statuses);

        $this->assertSame([200, 422], $statuses);
        $this->assertCount(1, $this->typed());
        $asked = array_values(array_filter($answers, static fn (array $answer): bool => $answer['status'] === 422))[0];
        $this->assertSame('reason', $asked['data']['question']['kind']);
    }

    public function test_a_database_that_is_stopped_answers_with_what_to_do_and_everything_is_there_afterwards(): void
    {
        $first = $this->client->reading('bore.1.top.thrust', '3.1');
        $second = $this->client->reading('bore.2.top.thrust', '3.4');
        $this->assertSame(200, $this->client->together($this->tag, [$first])[0]['status']);

        $database = new DatabaseServer();
        $database->kill();
        try {
            $away = $this->client->together($this->tag, [$second])[0];
            $this->assertSame(503, $away['status']);
            $this->assertStringContainsString('Nothing you keyed is lost', (string) $away['data']['message']);
        } finally {
            $database->start();
        }

        $this->assertSame([200, 200], array_column($this->client->together($this->tag, [$second, $first]), 'status'));
        $this->assertSame(['3.1', '3.4'], $this->typed());
        $this->assertChainIsWhole();
    }

    public function test_thirty_marks_at_once_are_all_on_the_map_each_with_a_number_of_its_own(): void
    {
        $marks = array_map(fn (int $index): array => $this->mark($index), range(1, 30));
        $answers = $this->client->together($this->tag, $marks, 'cracks/indications');

        $this->assertSame([200], array_values(array_unique(array_column($answers, 'status'))));
        $page = $this->client->get("/jobs/{$this->tag}/cracks");
        preg_match_all('/<title>indication (\d+),/', $page, $numbers);
        sort($numbers[1], SORT_NUMERIC);
        $this->assertSame(array_map(strval(...), range(1, 30)), $numbers[1]);
        $this->assertChainIsWhole();
    }

    public function test_one_step_of_a_check_marked_by_eight_hands_at_once_is_done_once(): void
    {
        $run = $this->client->ulid();
        $begun = $this->client->together(
            $this->tag,
            [['ulid' => $run, 'part' => 'block', 'method' => 'dye penetrant', 'surface' => 'machined', 'temperature' => 20]],
            'cracks/checks',
        );
        $this->assertSame(200, $begun[0]['status']);
        $answers = $this->client->together(
            $this->tag,
            array_map(fn (): array => ['ulid' => $this->client->ulid(), 'run' => $run, 'step' => 'clean'], range(1, 8)),
            'cracks/steps',
        );
        $statuses = array_count_values(array_column($answers, 'status'));
        ksort($statuses);

        $this->assertSame([200 => 1, 422 => 7], $statuses);
        $this->assertChainIsWhole();
    }

    public function test_one_count_sent_ten_times_at_once_is_one_entry(): void
    {
        $count = ['ulid' => $this->client->ulid(), 'part' => 'rods', 'state' => 'damaged', 'remark' => 'two are bent'];
        $answers = $this->client->together($this->tag, array_fill(0, 10, $count), 'receive/parts');

        $this->assertSame(array_fill(0, 10, 200), array_column($answers, 'status'));
        $this->assertCount(1, array_unique(array_map(static fn (array $answer): mixed => $answer['data']['head'], $answers)));
        $this->assertChainIsWhole();
    }

    /** @return array<string, mixed> */
    private function mark(int $index): array
    {
        return [
            'ulid' => $this->client->ulid(),
            'face' => 'left deck',
            'zone' => 'outer water jacket',
            'points' => $index * 30 .',80',
            'look' => 'sharp line',
        ];
    }

    /** @return list<string> */
    private function typed(): array
    {
        /** @var array{readings: list<array{typed: string}>} $export */
        $export = json_decode($this->client->get("/jobs/{$this->tag}/readings.json"), true, 32, JSON_THROW_ON_ERROR);

        return array_column($export['readings'], 'typed');
    }

    private function assertChainIsWhole(): void
    {
        exec(
            sprintf(
                '%s %s ledger:verify %s 2>&1',
                escapeshellarg(PHP_BINARY),
                escapeshellarg(dirname(__DIR__, 2).'/artisan'),
                escapeshellarg($this->tag),
            ),
            $lines,
            $code,
        );
        $this->assertSame(0, $code, implode("\n", $lines));
        $this->assertStringContainsString('every chain is whole', implode("\n", $lines));
    }
}
