<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Backup\BackupFolder;
use App\Backup\BackupRefused;
use App\Backup\MakeBackup;
use Illuminate\Console\Command;

final class BackUp extends Command
{
    protected $signature = 'backup:make
        {folder? : where backups go; BACKUP_FOLDER where it is not said}
        {--daily : only where there is none of today}';

    protected $description = 'Back this house up while it is at work, and take away what the rule does not keep';

    public function handle(MakeBackup $make): int
    {
        $path = (string) ($this->argument('folder') ?? config('app.backup_folder'));
        if ($path === '') {
            if ($this->option('daily')) {
                return self::SUCCESS;
            }
            $this->error(__('backup.refused.no_folder'));

            return self::FAILURE;
        }
        $folder = new BackupFolder(rtrim($path, '/'));
        if ($this->option('daily') && $folder->hasOneOf(now()->format('Ymd'))) {
            $this->info(__('backup.today'));

            return self::SUCCESS;
        }
        try {
            $place = $make->into($folder);
            $folder->prune();
        } catch (BackupRefused $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->info(__('backup.made', ['place' => $place]));

        return self::SUCCESS;
    }
}
