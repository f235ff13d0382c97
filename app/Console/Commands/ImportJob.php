<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Console\PackageFile;
use App\Package\ImportPackage;
use App\Package\PackageRefused;
use App\People\Role;
use App\Storage\User;
use Illuminate\Console\Command;

final class ImportJob extends Command
{
    protected $signature = 'ledger:import
        {file : a package written by ledger:export; - for standard input}
        {--by= : log-in of whoever reads it in; the first owner where nobody is named}';

    protected $description = 'Read a job back from its package: every row as it was, its tag where that is free';

    public function handle(ImportPackage $import): int
    {
        try {
            $job = $import->handle(PackageFile::read((string) $this->argument('file')), $this->reader());
        } catch (PackageRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        // The last one says that the others were.
        $this->info(sprintf('%s, %s: %d entries read in.', $job->tag(), $job->serial, $job->entries - 1));

        return self::SUCCESS;
    }

    /** @throws PackageRefused If nobody of this house is called so */
    private function reader(): User
    {
        $login = $this->option('by');
        $people = User::query()->whereNull('foreign_identity')->whereNull('locked_at');

        return (is_string($login) ? $people->firstWhere('login', $login) : $people->where('role', Role::Owner)->orderBy('id')->first()) ??
            throw PackageRefused::because(
                is_string($login)
                    ? "nobody here logs in as “{$login}” who could read it in (--by)"
                    : 'this house has no owner yet who could read it in',
            );
    }
}
