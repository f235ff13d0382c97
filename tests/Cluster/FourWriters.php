<?php

declare(strict_types=1);

namespace Tests\Cluster;

use Symfony\Component\Process\Process;

/** Two that write into one ledger, and two with a job each, as processes of their own. */
final class FourWriters
{
    /** @var list<array{process: Process, file: string}> */
    private array $writers = [];

    /** @param  array{string, string, string}  $tags */
    public function __construct(string $address, array $tags)
    {
        foreach ([[$tags[0], 1], [$tags[0], 5], [$tags[1], 1], [$tags[2], 1]] as [$tag, $cylinder]) {
            $file = tempnam(sys_get_temp_dir(), 'writer') ?: throw new \RuntimeException('No file for a writer.');
            $process = new Process(['php', __DIR__.'/write.php', $address, $tag, (string) $cylinder, $file]);
            $process->setTimeout(null)->start();
            $this->writers[] = ['process' => $process, 'file' => $file];
        }
    }

    /** How many readings the house has said it keeps. */
    public function kept(): int
    {
        return count(self::of($this->answers(), 'kept'));
    }

    /**
     * Each finishes what it has begun.
     *
     * @return list<Answer>
     */
    public function stop(): array
    {
        foreach ($this->writers as ['file' => $file]) {
            touch("{$file}.end");
        }
        $said = '';
        foreach ($this->writers as ['process' => $process]) {
            $process->wait();
            $said .= $process->getErrorOutput();
        }
        $answers = $this->answers();
        foreach ($this->writers as ['file' => $file]) {
            unlink($file);
            unlink("{$file}.end");
        }
        $this->writers = [];

        return $said === '' ? $answers : throw new \RuntimeException("A writer broke down: {$said}");
    }

    /**
     * @param  list<Answer>  $answers
     * @return list<Answer>
     */
    public static function of(array $answers, string $kind): array
    {
        return array_values(array_filter($answers, static fn (Answer $answer): bool => $answer->kind === $kind));
    }

    /** @return list<Answer> Of every writer, one after the other */
    private function answers(): array
    {
        $answers = [];
        foreach ($this->writers as $writer => ['file' => $file]) {
            foreach (file($file, FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) ?: [] as $line) {
                [$kind, $request, $number, $time] = explode(' ', $line);
                $answers[] = new Answer($writer, $kind, $request, (int) $number, (float) $time);
            }
        }

        return $answers;
    }
}
