<?php

declare(strict_types=1);

namespace App\Signing;

use App\Storage\Job;
use App\Storage\LedgerEntry;
use App\Words\Line;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/**
 * The seals of this house's ledgers, in a file of its own outside the database: whoever rewrites a chain of entries from its first on is
 * found by what was sealed of it.
 */
final class SealBook
{
    /** @return ?Seal The new seal; null where nothing was written since the last one */
    public function seal(): ?Seal
    {
        $path = $this->path();
        is_dir(dirname($path)) || mkdir(dirname($path), 0700, true);
        $file = fopen($path, 'c+') ?: throw new RuntimeException("The seals cannot be written to {$path}.");
        try {
            flock($file, LOCK_EX);
            $seals = $this->seals();
            $heads = $this->unsealed($seals);
            $last = $seals === [] ? null : $seals[count($seals) - 1];
            $books = Books::asTheyStand();
            if ($heads === [] && $books === ($last->books ?? [])) {
                return null;
            }
            $seal = Seal::signed($last, now()->format('Y-m-d\TH:i:s\Z'), $heads, $books, ShopKey::own());
            fseek($file, 0, SEEK_END);
            fwrite($file, $seal->line()."\n");
            fflush($file);

            return $seal;
        } finally {
            fclose($file);
        }
    }

    /** True where the last seal is of today. */
    public function isSealedToday(): bool
    {
        $seals = $this->seals();

        return $seals !== [] && str_starts_with($seals[count($seals) - 1]->at, now()->format('Y-m-d'));
    }

    /** @return list<Seal> Oldest first; what is no seal any more is found by the one that follows it */
    public function seals(): array
    {
        $lines = is_file($this->path()) ? file($this->path(), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) : [];

        return array_values(array_filter(array_map(Seal::read(...), $lines ?: [])));
    }

    /**
     * The seals that hold an entry of a job's ledger.
     *
     * @return list<array{number: int, at: string, entry: int, hash: string}> Oldest first
     */
    public function ofJob(int $job): array
    {
        $seals = [];
        foreach ($this->seals() as $seal) {
            if (isset($seal->heads[$job])) {
                $seals[] = ['number' => $seal->number, 'at' => $seal->at, 'entry' => $seal->heads[$job][0], 'hash' => $seal->hash()];
            }
        }

        return $seals;
    }

    /** @return ?string What is wrong with the first seal that does not hold; null where all do */
    public function complaint(): ?string
    {
        $before = null;
        $key = ShopKey::ifMade()?->publicKey() ?? '';
        $lines = is_file($this->path()) ? file($this->path(), FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES) : [];
        foreach ($lines ?: [] as $index => $line) {
            $seal = Seal::read($line);
            if ($seal === null || ! $seal->holds($before, $key)) {
                return Line::of('proof.seal_changed', ['number' => $index + 1]);
            }
            foreach ($seal->heads as $job => [$number, $hash]) {
                if (LedgerEntry::query()->where('job_id', $job)->where('number', $number)->value('hash') !== $hash) {
                    return Line::of('proof.seal_entry', ['tag' => Job::tagOf($job), 'number' => $number, 'at' => $seal->at]);
                }
            }
            $before = $seal;
        }
        foreach ($before->books ?? [] as $book => [$row, $digest]) {
            if (Books::digest($book, $row) !== $digest) {
                return Line::of('proof.seal_books', ['books' => str_replace('_', ' ', $book), 'at' => $before->at ?? '']);
            }
        }

        return null;
    }

    /**
     * @param  list<Seal>  $seals
     * @return array<int, array{int, string}> The ledgers that were written since, by job
     */
    private function unsealed(array $seals): array
    {
        $sealed = [];
        foreach ($seals as $seal) {
            $sealed = array_replace($sealed, $seal->heads);
        }
        $heads = [];
        foreach (DB::cursor('SELECT id, entries, head_hash FROM jobs WHERE entries > 0 ORDER BY id') as $job) {
            if (($sealed[$job->id][1] ?? null) !== $job->head_hash) {
                $heads[(int) $job->id] = [(int) $job->entries, (string) $job->head_hash];
            }
        }

        return $heads;
    }

    /** One for each database: a shop that begins anew begins a new file. */
    private function path(): string
    {
        return config('app.seal_folder').'/'.DB::scalar('SELECT ulid FROM houses').'.jsonl';
    }
}
