<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Ledger\ChainCheck;
use App\Signing\SealBook;
use App\Storage\Job;
use Illuminate\Console\Command;

final class VerifyLedger extends Command
{
    protected $signature = 'ledger:verify {tag? : one job only, like NL-0417}';

    protected $description = 'Walk the hash chain of every job, hold it against the seals, and name the first entry that is not as it was';

    public function handle(ChainCheck $chain, SealBook $seals): int
    {
        $jobs = 0;
        $tag = $this->argument('tag');
        $query = Job::query()->when($tag !== null, fn ($query) => $query->where('id', Job::numberOf((string) $tag) ?? 0));
        foreach ($query->lazyById(200) as $job) {
            $complaint = $chain->complaint($job);
            if ($complaint !== null) {
                $this->error("{$job->tag()}: {$complaint}.");

                return self::FAILURE;
            }
            $jobs++;
        }
        $complaint = $tag === null ? $seals->complaint() : null;
        if ($complaint !== null) {
            $this->error("{$complaint}.");

            return self::FAILURE;
        }
        $this->info("{$jobs} ledgers walked, every chain is whole.");

        return self::SUCCESS;
    }
}
