<?php

declare(strict_types=1);

namespace Tests\Cluster;

use PDO;
use RuntimeException;
use Symfony\Component\Process\Process;

/** The nodes that bin/cluster started: each can be killed, kept down and let come back. */
final readonly class RunningCluster
{
    private const DATABASES = ['db1', 'db2', 'db3'];

    /** What runs on a node, by its kind. */
    private const SERVERS = ['db' => ['mariadbd'], 'web' => ['nginx', 'fpm'], 'store' => ['files']];

    public function __construct(private string $folder)
    {
    }

    /** As if its machine had lost its power; it stays away until it may come back. */
    public function kill(string ...$names): void
    {
        foreach ($names as $name) {
            touch("{$this->folder}/hold/{$name}");
        }
        foreach ($names as $name) {
            foreach (self::SERVERS[rtrim($name, '123')] as $server) {
                // All that it began goes with it.
                posix_kill(-(int) file_get_contents("{$this->folder}/{$name}/{$server}.pid"), SIGKILL) ||
                    throw new RuntimeException("{$server} of {$name} does not run.");
            }
        }
    }

    public function letComeBack(string ...$names): void
    {
        foreach ($names as $name) {
            unlink("{$this->folder}/hold/{$name}");
        }
    }

    public function waitUntilWhole(float $seconds = 180.0): void
    {
        $this->waitUntil(
            $seconds,
            fn (): bool => $this->allSay('wsrep_cluster_size', '3') && $this->allSay('wsrep_local_state_comment', 'Synced'),
        );
    }

    public function waitUntilShutOut(string $name): void
    {
        $this->waitUntil(60.0, fn (): bool => $this->says($name, 'wsrep_cluster_status') === 'non-Primary');
    }

    /** @param  callable(): bool  $isSo */
    public function waitUntil(float $seconds, callable $isSo): void
    {
        $end = microtime(true) + $seconds;
        while (! $isSo()) {
            microtime(true) < $end || throw new RuntimeException('The cluster did not get there: '.$this->standing());
            usleep(100_000);
        }
    }

    /** @return array<string, string> The sum over every ledger, entry and reading of each node */
    public function sums(): array
    {
        $sums = [];
        foreach (self::DATABASES as $name) {
            $rows = $this->ask($name, 'CHECKSUM TABLE north_ledger.ledger_entries, north_ledger.entries, north_ledger.jobs');
            $sums[$name] = json_encode($rows, JSON_THROW_ON_ERROR);
        }

        return $sums;
    }

    /** @return list<string> The number of every request that stands in a ledger, as often as it stands there */
    public function requests(string $name): array
    {
        return array_column($this->ask($name, 'SELECT request_id FROM north_ledger.ledger_entries'), 'request_id');
    }

    /** How many commits were refused, or transactions ended, because another node was faster. */
    public function conflicts(): int
    {
        return array_sum(
            array_map(
                fn (string $name): int => (int) $this->says($name, 'wsrep_local_cert_failures') +
                    (int) $this->says($name, 'wsrep_local_bf_aborts'),
                self::DATABASES,
            ),
        );
    }

    /** A command of the house, asked of one database alone. */
    public function artisan(string $name, string ...$command): Process
    {
        $secrets = parse_ini_file("{$this->folder}/secrets", false, INI_SCANNER_RAW) ?: [];
        $process = new Process(['php', 'artisan', ...$command], dirname(__DIR__, 2), [
            ...$secrets,
            ...parse_ini_file("{$this->folder}/store/env", false, INI_SCANNER_RAW) ?: [],
            'DB_SOCKET' => "{$this->folder}/{$name}/mariadb/run/mariadb.sock",
            'DB_DATABASE' => 'north_ledger',
            'DB_USERNAME' => 'north_ledger',
            // What bin/start keeps of its own configuration is none of this house's.
            'APP_CONFIG_CACHE' => "{$this->folder}/home/of-no-use.php",
            'APP_ROUTES_CACHE' => "{$this->folder}/home/routes-of-no-use.php",
            'APP_SERVICES_CACHE' => "{$this->folder}/db1/cache/services.php",
            'APP_PACKAGES_CACHE' => "{$this->folder}/db1/cache/packages.php",
            'LARAVEL_STORAGE_PATH' => "{$this->folder}/files",
            'APP_ENV' => 'production',
        ]);
        $process->setTimeout(120)->run();

        return $process;
    }

    private function allSay(string $state, string $value): bool
    {
        return array_filter(self::DATABASES, fn (string $name): bool => $this->says($name, $state) !== $value) === [];
    }

    /** A state of the node, by the server's own name of it; empty where it does not answer. */
    private function says(string $name, string $state): string
    {
        return $this->ask($name, "SHOW STATUS LIKE '{$state}'")[0]['Value'] ?? '';
    }

    /** @return list<array<string, string>> */
    private function ask(string $name, string $question): array
    {
        try {
            $database = new PDO(
                "mysql:unix_socket={$this->folder}/{$name}/mariadb/run/mariadb.sock",
                posix_getpwuid(posix_geteuid())['name'] ?? '',
                options: [PDO::ATTR_ERRMODE => PDO::ERRMODE_EXCEPTION, PDO::ATTR_DEFAULT_FETCH_MODE => PDO::FETCH_ASSOC],
            );

            return array_map(
                static fn (array $row): array => array_map(strval(...), $row),
                $database->query($question)->fetchAll(),
            );
        } catch (\PDOException) {
            return [];
        }
    }

    private function standing(): string
    {
        return implode(
            ', ',
            array_map(
                fn (string $name): string => "{$name} {$this->says($name, 'wsrep_cluster_status')}".
                    " {$this->says($name, 'wsrep_cluster_size')} {$this->says($name, 'wsrep_local_state_comment')}",
                self::DATABASES,
            ),
        );
    }
}
