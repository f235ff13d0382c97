<?php

declare(strict_types=1);

namespace App\Backup;

use App\Signing\ShopKey;
use FilesystemIterator;
use Illuminate\Support\Facades\DB;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use SplFileInfo;

/**
 * A backup of a house that is at work: the seals first, then the database as it is at one moment, then the files. So every
 * seal finds its entry in it, and every row its file.
 */
final readonly class MakeBackup
{
    private const FILES = ['app'];

    public function __construct(private DatabaseDump $dump)
    {
    }

    /** @throws BackupRefused If it cannot be written, or the database does not answer */
    public function into(BackupFolder $folder): string
    {
        $at = now();
        $draft = $folder->begin();
        $seals = $this->files($folder, (string) config('app.seal_folder'), 'seals');
        $this->dump->to("{$draft}/".BackupFolder::DATABASE);
        $files = $seals;
        foreach (self::FILES as $name) {
            $files += $this->files($folder, storage_path($name), $name);
        }
        ksort($files);
        $key = ShopKey::own();
        (new Manifest(
            (string) DB::scalar('SELECT ulid FROM houses LIMIT 1'),
            $at->format('Y-m-d\TH:i:s\Z'),
            (string) hash_file('sha256', "{$draft}/".BackupFolder::DATABASE),
            $files,
            $key->publicKey(),
        ))->write($draft, $key);
        $place = $folder->finish($draft, $at);
        LastBackup::of($at, $place)->keep();

        return $place;
    }

    /** @return array<string, string> Hash by path */
    private function files(BackupFolder $folder, string $from, string $name): array
    {
        $files = [];
        if (! is_dir($from)) {
            return $files;
        }
        /** @var SplFileInfo $file */
        foreach (new RecursiveIteratorIterator(new RecursiveDirectoryIterator($from, FilesystemIterator::SKIP_DOTS)) as $file) {
            if ($file->isFile() && $file->getFilename() !== LastBackup::FILE) {
                $files[$name.substr($file->getPathname(), strlen($from))] = $folder->keep($file->getPathname());
            }
        }

        return $files;
    }
}
