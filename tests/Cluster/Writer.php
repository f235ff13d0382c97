<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Tests\Bench\Client;

/**
 * An inspector's browser: one reading after the other, each sent again under its own number until the house says that it has it.
 * Writes what was said of each into a file, a line for an answer: `kept NUMBER MILLISECONDS TIME` or `refused NUMBER STATUS TIME`.
 */
final class Writer
{
    private const PLACES = ['top.thrust', 'top.inline', 'middle.thrust', 'middle.inline', 'bottom.thrust', 'bottom.inline'];

    /** A writer has four cylinders of his job to himself: two of them write into one ledger without correcting each other. */
    private const CYLINDERS = 4;

    private const PAUSE_US = 100_000;

    private const AGAIN_US = 300_000;

    private int $keyed = 0;

    public function __construct(
        private readonly Client $client,
        private readonly string $tag,
        private readonly int $firstCylinder,
        private readonly string $file,
    ) {
    }

    public function work(): void
    {
        while (! file_exists("{$this->file}.end")) {
            $this->keep($this->next());
            usleep(self::PAUSE_US);
        }
    }

    /** @return array<string, string> */
    private function next(): array
    {
        $number = $this->keyed++;
        $places = count(self::PLACES) * self::CYLINDERS;
        $form = $this->client->reading(
            sprintf(
                'bore.%d.%s',
                $this->firstCylinder + intdiv($number, count(self::PLACES)) % self::CYLINDERS,
                self::PLACES[$number % count(self::PLACES)],
            ),
            sprintf('%.1f', 3 + $number % 5 / 10),
        );

        return $number < $places ? $form : $form + ['reason' => 'misread'];
    }

    /** @param  array<string, string>  $form */
    private function keep(array $form): void
    {
        do {
            $began = microtime(true);
            $status = $this->send($form);
            $this->say(
                $status === 200
                    ? sprintf('kept %s %d %.3f', $form['ulid'], (microtime(true) - $began) * 1_000, microtime(true))
                    : sprintf('refused %s %d %.3f', $form['ulid'], $status, microtime(true)),
            );
            if ($status !== 200) {
                usleep(self::AGAIN_US);
            }
        } while ($status !== 200 && ! file_exists("{$this->file}.end"));
    }

    /** @param  array<string, string>  $form */
    private function send(array $form): int
    {
        $handle = $this->client->request("/jobs/{$this->tag}/sheets/bores/readings", $form);
        curl_exec($handle);

        return curl_getinfo($handle, CURLINFO_HTTP_CODE);
    }

    private function say(string $line): void
    {
        file_put_contents($this->file, "{$line}\n", FILE_APPEND);
    }
}
