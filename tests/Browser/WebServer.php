<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Net\URLChecker;
use RuntimeException;

/** The web server that bin/test started; it can be stopped and started again, as a pulled cable would. */
final class WebServer
{
    private const MOST_MILLISECONDS = 10_000;

    private readonly string $folder;

    public function __construct()
    {
        $this->folder = getenv('TEST_VAR') ?: throw new RuntimeException('Run the browser tests by bin/test Browser.');
    }

    public function stop(): void
    {
        posix_kill($this->pid(), SIGTERM);
        (new URLChecker())->waitUntilUnavailable(self::MOST_MILLISECONDS, getenv('BASE_URL').'/login');
    }

    private function pid(): int
    {
        return (int) file_get_contents($this->folder.'/nginx.pid');
    }

    /** @param  ?string  $root  Of another version of the house; null: as it was */
    public function start(?string $root = null): void
    {
        // One that a failing test has left running would keep the address.
        $this->pid() > 0 && posix_kill($this->pid(), 0) && $this->stop();
        $nginx = $this->folder.'/nginx';
        $configuration = (string) file_get_contents("{$nginx}/nginx.conf");
        if ($root !== null) {
            file_put_contents("{$nginx}/next.conf", preg_replace('/^(\s*root )[^;]+;/m', '${1}'.$root.';', $configuration));
        }
        $command = sprintf(
            'setsid /usr/sbin/nginx -p %1$s -e %1$s/error.log -c %1$s/%2$s.conf </dev/null >/dev/null 2>&1 & echo $!',
            escapeshellarg($nginx),
            $root === null ? 'nginx' : 'next',
        );
        file_put_contents($this->folder.'/nginx.pid', trim((string) shell_exec($command)));
        (new URLChecker())->waitUntilAvailable(self::MOST_MILLISECONDS, getenv('BASE_URL').'/login');
    }
}
