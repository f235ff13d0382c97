<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PHPUnit\Framework\TestCase;
use RuntimeException;
use Symfony\Component\Process\Process;
use Tests\Bench\Client;

/** A house that keeps a binary log comes back as it was at any moment: what was read before it is there, what was read after it is not. */
final class AnyMomentTest extends TestCase
{
    /** What a copy of the house needs beside what is its own. */
    private const OF_THE_HOUSE = [
        'app',
        'artisan',
        'bin',
        'composer.json',
        'config',
        'core',
        'database',
        'etc',
        'lang',
        'package-lock.json',
        'package.json',
        'packages',
        'public',
        'resources',
        'routes',
        'tests',
        'vendor',
        'vite.config.js',
    ];

    private const OF_THE_TESTS = ['APP_ENV', 'APP_DEBUG', 'APP_KEY', 'BCRYPT_ROUNDS', 'DB_USERNAME', 'DB_PASSWORD', 'LOG_CHANNEL'];

    /** Before, between and after: readings of one bore each. */
    private const PLACES = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];

    private string $folder;

    private ?Process $house = null;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/any-moment-'.bin2hex(random_bytes(4));
        mkdir($this->folder, 0755);
    }

    protected function tearDown(): void
    {
        $this->house?->stop(30);
        (new Process(['rm', '-rf', $this->folder]))->mustRun();
    }

    public function testWhatWasReadBeforeTheMomentIsThereAndWhatCameAfterIsNot(): void
    {
        $lost = $this->copy('lost');
        $client = $this->start($lost, '--only-people');
        $tag = $client->newVee();
        $this->read($client, $tag, 1);
        $this->process($lost, 'bin/backup', "{$this->folder}/backups")->mustRun();
        $this->process($lost, 'bin/backup', '--keys', "{$this->folder}/keys.tar.gz")->mustRun();
        $this->read($client, $tag, 2);
        $moment = $this->aSecondLater($client);
        $this->read($client, $tag, 3);
        $this->house?->stop(60);

        $restored = $this->copy('restored');
        $backups = glob("{$this->folder}/backups/north-ledger-*") ?: [];
        $this->assertCount(1, $backups);
        $from = ['--keys', "{$this->folder}/keys.tar.gz", '--until', $moment, '--log', "{$this->folder}/log"];
        $restore = $this->process($restored, 'bin/restore', $backups[0], ...$from);
        $restore->run();
        $this->assertSame(0, $restore->getExitCode(), $restore->getOutput().$restore->getErrorOutput());
        $this->assertStringContainsString('Everything is back and proved', $restore->getOutput());

        $csv = $this->start($restored)->get("/jobs/{$tag}/readings.csv");
        $read = array_map(static fn (int $cylinder): int => substr_count($csv, "bore.{$cylinder}."), [1, 2, 3]);
        $this->assertSame([count(self::PLACES), count(self::PLACES), 0], $read);
    }

    private function read(Client $client, string $tag, int $cylinder): void
    {
        foreach (self::PLACES as $place) {
            $kept = $client->together($tag, [$client->reading("bore.{$cylinder}.{$place}", '1.0')]);
            $this->assertSame(200, $kept[0]['status']);
        }
    }

    /** A moment that parts two seconds of the log, which knows no finer ones. */
    private function aSecondLater(Client $client): string
    {
        $read = time();
        while (time() < $read + 2) {
            $client->get('/up');
        }

        return date('Y-m-d H:i:s', $read + 1);
    }

    private function copy(string $name): string
    {
        $from = dirname(__DIR__, 2);
        $to = "{$this->folder}/{$name}";
        mkdir("{$to}/var", 0755, true);
        mkdir("{$to}/bootstrap/cache", 0755, true);
        mkdir("{$to}/storage", 0755);
        $kept = array_map(static fn (string $one): string => "{$from}/{$one}", self::OF_THE_HOUSE);
        (new Process(['cp', '-a', ...$kept, $to]))->mustRun();
        (new Process(['cp', '-a', "{$from}/bootstrap/app.php", "{$from}/bootstrap/providers.php", "{$to}/bootstrap"]))->mustRun();
        $stamps = array_map(static fn (string $of): string => "{$from}/var/{$of}.stamp", ['composer', 'npm', 'build']);
        (new Process(['cp', '-a', ...$stamps, "{$to}/var"]))->mustRun();
        symlink("{$from}/node_modules", "{$to}/node_modules");

        return $to;
    }

    private function start(string $house, string ...$arguments): Client
    {
        $port = $this->freePort();
        $this->house = $this->process($house, 'bin/start', '--port', (string) $port, ...$arguments);
        $this->house->start();
        $this->house->waitUntil(static fn (string $kind, string $said): bool => str_contains($said, 'Ctrl-C stops it'));
        $this->house->isRunning() || throw new RuntimeException($this->house->getOutput().$this->house->getErrorOutput());
        $client = new Client("http://127.0.0.1:{$port}");
        $client->logIn('inspector', 'demo-shop');

        return $client;
    }

    /** What the tests say of their own house is none of this one's. */
    private function process(string $house, string ...$command): Process
    {
        $ours = ['BINARY_LOG' => "{$this->folder}/log", 'PRACTICE_PORT' => (string) $this->freePort()];

        return new Process(array_values($command), $house, $ours + array_fill_keys(self::OF_THE_TESTS, false), timeout: 900);
    }

    private function freePort(): int
    {
        $socket = stream_socket_server('tcp://127.0.0.1:0');
        $this->assertNotFalse($socket);
        $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
        fclose($socket);

        return $port;
    }
}
