<?php

declare(strict_types=1);

namespace App\Backup;

use App\Files\HouseFiles;
use App\Signing\ShopKey;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** Puts a backup into an empty house; what is there already is never written over. */
final readonly class RestoreBackup
{
    public function __construct(private DatabaseDump $dump, private HouseFiles $files)
    {
    }

    /**
     * Looks at every byte before anything is written.
     *
     * @throws BackupRefused If something is missing or changed, and what
     */
    public function checked(string $backup): Manifest
    {
        $manifest = Manifest::in($backup);
        $folder = new BackupFolder(dirname($backup));
        $parts = [BackupFolder::DATABASE => ["{$backup}/".BackupFolder::DATABASE, $manifest->database]];
        foreach ($manifest->files as $path => $hash) {
            $parts[$path] = [$folder->stored($hash), $hash];
        }
        foreach ($parts as $name => [$file, $hash]) {
            if (! is_file($file)) {
                throw BackupRefused::because('missing', file: $name);
            }
            if (hash_file('sha256', $file) !== $hash) {
                throw BackupRefused::because('changed', file: $name);
            }
        }

        return $manifest;
    }

    /** @throws BackupRefused If the house is not empty, the backup is not whole, or what came back does not prove right */
    public function handle(string $backup): Manifest
    {
        if (Schema::hasTable('users') && DB::table('users')->exists()) {
            throw BackupRefused::because('not_empty');
        }
        $manifest = $this->checked($backup);
        if (ShopKey::ifMade() === null) {
            throw BackupRefused::because('no_keys');
        }
        Schema::dropAllTables();
        $this->dump->from("{$backup}/".BackupFolder::DATABASE);
        $folder = new BackupFolder(dirname($backup));
        foreach ($manifest->files as $path => $hash) {
            $this->putBack($path, $folder->stored($hash));
        }
        foreach (['migrate --force', 'ledger:verify', 'ledger:recompute'] as $command) {
            if (Artisan::call($command) !== 0) {
                throw BackupRefused::because('not_proved', command: $command, said: trim(Artisan::output()));
            }
        }

        return $manifest;
    }

    private function putBack(string $path, string $stored): void
    {
        [$first, $folder, $rest] = explode('/', $path, 3) + [1 => '', 2 => ''];
        if ($first === 'app' && in_array($folder, HouseFiles::FOLDERS, true) && ! str_contains($path, '..')) {
            $this->files->keep("{$folder}/{$rest}", $stored);

            return;
        }
        $place = $this->placeOf($path);
        is_dir(dirname($place)) || mkdir(dirname($place), 0750, true);
        copy($stored, $place);
    }

    private function placeOf(string $path): string
    {
        [$first, $rest] = explode('/', $path, 2) + [1 => ''];
        if (str_contains($path, '..') || ! in_array($first, ['app', 'seals'], true)) {
            throw BackupRefused::because('changed', file: $path);
        }

        return $first === 'seals' ? config('app.seal_folder')."/{$rest}" : storage_path($path);
    }
}
