<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Carbon;

/**
 * Where the backups of a house lie: a folder for each, and one store of files under their own hashes that all of them share,
 * so that a photo is copied once however many backups hold it.
 */
final readonly class BackupFolder
{
    public const DATABASE = 'database.sql.gz';

    private const NAME = 'north-ledger-';

    private const STORE = 'files';

    /** Kept: every one of so many days, the last of each of so many weeks and months. */
    private const DAYS = 7;

    private const WEEKS = 5;

    private const MONTHS = 12;

    public function __construct(public string $path)
    {
    }

    /** @throws BackupRefused If it cannot be written */
    public function begin(): string
    {
        $draft = "{$this->path}/.draft-".bin2hex(random_bytes(4));
        if (! @mkdir($draft, 0700, true)) {
            throw BackupRefused::because('not_written', folder: $this->path);
        }

        return $draft;
    }

    /** Puts a backup that is whole in its place. */
    public function finish(string $draft, Carbon $at): string
    {
        $place = "{$this->path}/".self::NAME.$at->format('Ymd-His');
        if (is_dir($place) || ! rename($draft, $place)) {
            throw BackupRefused::because('not_written', folder: $place);
        }

        return $place;
    }

    /** Takes a file into the store; answers its hash. */
    public function keep(string $file): string
    {
        $hash = (string) hash_file('sha256', $file);
        $place = $this->stored($hash);
        if (! is_file($place) || filesize($place) !== filesize($file)) {
            is_dir(dirname($place)) || mkdir(dirname($place), 0700, true);
            $draft = $place.'.'.bin2hex(random_bytes(4));
            if (! copy($file, $draft) || ! rename($draft, $place)) {
                throw BackupRefused::because('not_written', folder: $this->path);
            }
        }

        return $hash;
    }

    public function stored(string $hash): string
    {
        return "{$this->path}/".self::STORE.'/'.substr($hash, 0, 2)."/{$hash}";
    }

    /** @return list<string> Paths, the newest first */
    public function backups(): array
    {
        $found = glob("{$this->path}/".self::NAME.'*', GLOB_ONLYDIR) ?: [];
        rsort($found);

        return $found;
    }

    public function hasOneOf(string $day): bool
    {
        return glob("{$this->path}/".self::NAME."{$day}-*", GLOB_ONLYDIR) !== [];
    }

    /** Takes away what the rule does not keep, and the files that no backup holds any more. */
    public function prune(): void
    {
        $kept = self::kept($this->backups());
        $held = [];
        // Where one of them cannot be read, or is another house's, nothing is taken away.
        foreach ($this->backups() as $backup) {
            $files = Manifest::in($backup)->files;
            $held += in_array($backup, $kept, true) ? array_flip($files) : [];
        }
        foreach (array_diff($this->backups(), $kept) as $old) {
            array_map(unlink(...), glob($old.'/*') ?: []);
            rmdir($old);
        }
        foreach (glob("{$this->path}/".self::STORE.'/*/*') ?: [] as $file) {
            isset($held[basename($file)]) || unlink($file);
        }
    }

    /**
     * @param  list<string>  $backups  The newest first
     * @return list<string>
     */
    private static function kept(array $backups): array
    {
        $kept = [];
        foreach (['Y-m-d' => self::DAYS, 'o-W' => self::WEEKS, 'Y-m' => self::MONTHS] as $span => $most) {
            $newest = [];
            foreach ($backups as $backup) {
                $newest[self::timeOf($backup)->format($span)] ??= $backup;
            }
            $kept = [...$kept, ...array_slice(array_values($newest), 0, $most)];
        }

        return array_values(array_unique($kept));
    }

    private static function timeOf(string $backup): Carbon
    {
        return Carbon::createFromFormat('Ymd-His', substr(basename($backup), strlen(self::NAME)), 'UTC') ?? Carbon::createFromTimestamp(0);
    }
}
