<?php

declare(strict_types=1);

namespace App\Documents;

use App\Words\Line;
use RuntimeException;
use Symfony\Component\Process\Exception\ProcessFailedException;
use Symfony\Component\Process\Process;

/** Prints a page to PDF by the Chromium that is installed, in a profile of its own, with a time limit. */
final readonly class PdfPrinter
{
    private const SECONDS = 40;

    private const FLAGS = [
        '--headless',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        // A page to print is text and fonts: it asks nobody; that it runs nothing is its own policy.
        '--host-resolver-rules=MAP * ~NOTFOUND',
        '--allow-file-access-from-files',
        '--no-pdf-header-footer',
    ];

    private const NO_SANDBOX = 'sandbox';

    /** @param  string  $mark  Path of a file that is there where Chromium has found no sandbox */
    public function __construct(private string $chromium, private string $mark)
    {
    }

    public function isAvailable(): bool
    {
        return is_executable($this->chromium);
    }

    /** @throws RuntimeException If Chromium is missing, fails, or takes too long */
    public function print(string $html, string $target): void
    {
        if (! $this->isAvailable()) {
            throw new RuntimeException(Line::of('documents.told.no_printer', ['path' => $this->chromium]));
        }
        $work = sys_get_temp_dir().'/print-'.bin2hex(random_bytes(8));
        mkdir($work.'/profile', 0700, true);
        try {
            file_put_contents($work.'/page.html', $html);
            $process = $this->process($work, ...$this->withoutSandbox());
            $process->run();
            if (! $process->isSuccessful() && str_contains($process->getErrorOutput(), self::NO_SANDBOX)) {
                file_put_contents($this->mark, 'This system gives Chromium no sandbox; delete this file to try again.');
                $process = $this->process($work, ...$this->withoutSandbox());
                $process->run();
            }
            if (! $process->isSuccessful() || ! is_file($work.'/page.pdf')) {
                throw new ProcessFailedException($process);
            }
            is_dir(dirname($target)) || mkdir(dirname($target), 0750, true);
            rename($work.'/page.pdf', $target.'.part');
            rename($target.'.part', $target);
        } finally {
            (new Process(['rm', '-rf', $work]))->run();
        }
    }

    private function process(string $work, string ...$more): Process
    {
        return new Process(
            [
                $this->chromium,
                ...self::FLAGS,
                ...$more,
                "--user-data-dir={$work}/profile",
                "--print-to-pdf={$work}/page.pdf",
                "file://{$work}/page.html",
            ],
            env: ['HOME' => $work],
            timeout: self::SECONDS,
        );
    }

    /** @return list<string> What Chromium needs where the system gives it no sandbox, as to root and in most containers */
    private function withoutSandbox(): array
    {
        return is_file($this->mark) ? ['--no-sandbox'] : [];
    }
}
