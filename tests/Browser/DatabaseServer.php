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
        $this->run("timeout 20 tail --pid={$pid} -f /dev/null", 'The database did not stop.');
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
        $socket = escapeshellarg($data.'/run/mariadb.sock');
        $this->run("mariadb-admin --no-defaults --wait=20 -S {$socket} ping", 'The database did not start again.');
    }

    private function run(string $command, string $complaint): void
    {
        exec("{$command} 2>/dev/null", $lines, $code);
        $code === 0 || throw new RuntimeException($complaint);
    }
}
