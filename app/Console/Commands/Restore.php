<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupRefused;
use App\Backup\RestoreBackup;
use Illuminate\Console\Command;

final class Restore extends Command
{
    protected $signature = 'backup:restore {backup : the folder of one backup} {--check : only look whether it is whole}';

    protected $description = 'Put a backup into an empty house, and prove it: chains, seals, verdicts';

    public function handle(RestoreBackup $restore): int
    {
        $backup = rtrim((string) $this->argument('backup'), '/');
        try {
            $manifest = $this->option('check') ? $restore->checked($backup) : $restore->handle($backup);
        } catch (BackupRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info($this->option('check') ? "It is whole, of {$manifest->madeAt}." : __('backup.back', ['at' => $manifest->madeAt]));

        return self::SUCCESS;
    }
}
