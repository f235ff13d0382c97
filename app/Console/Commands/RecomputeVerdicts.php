<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Record\JobFiles;
use App\Record\JobSummary;
use App\Storage\Job;
use Illuminate\Console\Command;

final class RecomputeVerdicts extends Command
{
    protected $signature = 'ledger:recompute {--store : write what is recomputed}';

    protected $description = 'Recompute every stored verdict and name those that differ';

    /** Columns that came later: a row from before them has nothing there, and gets it here. */
    private const CAME_LATER = ['load_work', 'times_taken', 'early_done', 'agreement'];

    public function handle(JobFiles $files): int
    {
        $agree = 0;
        $differing = [];
        foreach (Job::query()->with('customer')->lazyById(200) as $job) {
            // What was agreed is asked, whatever the row says of it.
            $job->fill(JobSummary::of($files->open((clone $job)->forceFill(['agreement' => null])))->columns());
            if ($this->isOnlyNew($job)) {
                $job->save();
            }
            if (! $job->isDirty()) {
                $agree++;

                continue;
            }
            $differing[] = $job->tag().': '.implode(', ', array_keys($job->getDirty()));
            if ($this->option('store')) {
                $job->save();
            }
        }
        foreach ($differing as $line) {
            $this->warn($line);
        }
        $this->info("{$agree} stored verdicts agree with the recomputed ones, ".count($differing).' differ.');

        return $differing === [] || $this->option('store') ? self::SUCCESS : self::FAILURE;
    }

    private function isOnlyNew(Job $job): bool
    {
        $isNew = static fn (string $column): bool => in_array($column, self::CAME_LATER, true) && $job->getRawOriginal($column) === null;

        return array_filter(array_keys($job->getDirty()), static fn (string $column): bool => ! $isNew($column)) === [];
    }
}
