<?php

declare(strict_types=1);

namespace App\Documents;

use RuntimeException;
use Symfony\Component\Process\Process;

/** Prints a page to PDF by the Chromium that is installed, in a profile of its own, with a time limit. */
final readonly class PdfPrinter
{
    private const SECONDS = 40;

    private const FLAGS = [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        '--disable-dev-shm-usage',
        '--allow-file-access-from-files',
        '--no-pdf-header-footer',
    ];

    public function __construct(private string $chromium)
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
            throw new RuntimeException("There is no Chromium at {$this->chromium}; print the page from the browser instead.");
        }
        $work = sys_get_temp_dir().'/print-'.bin2hex(random_bytes(8));
        mkdir($work.'/profile', 0700, true);
        try {
            file_put_contents($work.'/page.html', $html);
            $process = new Process(
                [
                    $this->chromium,
                    ...self::FLAGS,
                    "--user-data-dir={$work}/profile",
                    "--print-to-pdf={$work}/page.pdf",
                    "file://{$work}/page.html",
                ],
                env: ['HOME' => $work],
                timeout: self::SECONDS,
            );
            $process->mustRun();
            is_dir(dirname($target)) || mkdir(dirname($target), 0750, true);
            rename($work.'/page.pdf', $target.'.part');
            rename($target.'.part', $target);
        } finally {
            (new Process(['rm', '-rf', $work]))->run();
        }
    }
}
