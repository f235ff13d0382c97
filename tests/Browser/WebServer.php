<?php

declare(strict_types=1);

namespace Tests\Browser;

use RuntimeException;

/** The web server that bin/test started; it can be stopped and started again, as a pulled cable would. */
final class WebServer
{
    private readonly string $folder;

    public function __construct()
    {
        $this->folder = getenv('TEST_VAR') ?: throw new RuntimeException('Run the browser tests by bin/test Browser.');
    }

    public function stop(): void
    {
        $pid = (int) file_get_contents($this->folder.'/nginx.pid');
        posix_kill($pid, SIGTERM);
        $this->await(fn (): bool => ! $this->answers(), 'The web server did not stop.');
    }

    public function start(): void
    {
        $nginx = $this->folder.'/nginx';
        $command = sprintf(
            'setsid /usr/sbin/nginx -p %1$s -e %1$s/error.log -c %1$s/nginx.conf </dev/null >/dev/null 2>&1 & echo $!',
            escapeshellarg($nginx),
        );
        file_put_contents($this->folder.'/nginx.pid', trim((string) shell_exec($command)));
        $this->await(fn (): bool => $this->answers(), 'The web server did not start again.');
    }

    private function answers(): bool
    {
        $connection = @fsockopen('127.0.0.1', (int) parse_url((string) getenv('BASE_URL'), PHP_URL_PORT), $code, $message, 1);
        if ($connection === false) {
            return false;
        }
        fclose($connection);

        return true;
    }

    private function await(callable $condition, string $complaint): void
    {
        $until = microtime(true) + 10;
        while (microtime(true) < $until) {
            if ($condition()) {
                return;
            }
            usleep(50_000);
        }
        throw new RuntimeException($complaint);
    }
}
