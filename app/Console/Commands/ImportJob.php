<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PackageFile;
use App\Package\ImportPackage;
use App\Package\PackageRefused;
use Illuminate\Console\Command;

final class ImportJob extends Command
{
    protected $signature = 'ledger:import {file : a package written by ledger:export; - for standard input}';

    protected $description = 'Read a job back from its package: every row as it was, its tag where that is free';

    public function handle(ImportPackage $import): int
    {
        try {
            $job = $import->handle(PackageFile::read((string) $this->argument('file')));
        } catch (PackageRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info("{$job->tag()}, {$job->serial}: {$job->entries} entries read in.");

        return self::SUCCESS;
    }
}
