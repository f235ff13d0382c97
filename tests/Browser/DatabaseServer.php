<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** The database server that bin/test started; it can be killed as a power cut would, and started again. */
final class DatabaseServer
{
    private readonly string $folder;

    public function __construct()
    {
        $this->folder = getenv('TEST_VAR') ?: throw new RuntimeException('Run these tests by bin/test Browser.');
    }

    public function kill(): void
    {
        $pid = (int) file_get_contents($this->folder.'/mariadbd.pid');
        posix_kill($pid, SIGKILL);
        $this->await(static fn (): bool => ! posix_kill($pid, 0), 'The database did not stop.');
    }

    public function start(): void
    {
        $data = $this->folder.'/mariadb';
        $owner = posix_getpwuid((int) fileowner($data.'/data'))['name'] ?? throw new RuntimeException('Nobody owns the data.');
        $command = sprintf(
            'setsid /usr/sbin/mariadbd --defaults-file=%s --user=%s </dev/null >/dev/null 2>&1 & echo $!',
            escapeshellarg($data.'/my.cnf'),
            escapeshellarg($owner),
        );
        file_put_contents($this->folder.'/mariadbd.pid', trim((string) shell_exec($command)));
        $this->await(static function () use ($data): bool {
            exec(sprintf('mariadb-admin --no-defaults -S %s ping 2>/dev/null', escapeshellarg($data.'/run/mariadb.sock')), $lines, $code);

            return $code === 0;
        }, 'The database did not start again.');
    }

    private function await(callable $condition, string $complaint): void
    {
        $until = microtime(true) + 20;
        while (microtime(true) < $until) {
            if ($condition()) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException($complaint);
    }
}
