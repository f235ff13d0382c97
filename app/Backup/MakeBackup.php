<?php

declare(strict_types=1);

namespace App\Backup;

use App\Files\HouseFiles;
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
    private const FILES = 'app';

    public function __construct(private DatabaseDump $dump, private HouseFiles $houseFiles)
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
        $files += $this->files($folder, storage_path(self::FILES), self::FILES) + $this->filesOfTheHouse($folder);
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
            $inside = substr($file->getPathname(), strlen($from));
            $isOfTheHouse = $name === self::FILES && in_array(explode('/', $inside)[1] ?? '', HouseFiles::FOLDERS, true);
            if ($file->isFile() && $file->getFilename() !== LastBackup::FILE && ! $isOfTheHouse) {
                $files[$name.$inside] = $folder->keep($file->getPathname());
            }
        }

        return $files;
    }

    /** @return array<string, string> Hash by path; wherever they lie, they come back to where the house that takes them has its own */
    private function filesOfTheHouse(BackupFolder $folder): array
    {
        $files = [];
        $copy = (string) tempnam(sys_get_temp_dir(), 'file');
        try {
            foreach ($this->houseFiles->names() as $name) {
                file_put_contents($copy, $this->houseFiles->bytes($name) ?? throw BackupRefused::because('missing', file: $name));
                clearstatcache(true, $copy);
                $files[self::FILES."/{$name}"] = $folder->keep($copy);
            }
        } finally {
            unlink($copy);
        }

        return $files;
    }
}
