<?php

declare(strict_types=1);

namespace App\Backup;

use Illuminate\Support\Carbon;

/** When the last backup of this house was made, and where it lies. */
final readonly class LastBackup
{
    public const FILE = 'last-backup.json';

    private const OLD_AFTER_HOURS = 36;

    private function __construct(public Carbon $at, public string $place)
    {
    }

    public static function of(Carbon $at, string $place): self
    {
        return new self($at, $place);
    }

    /** Null where none was ever made. */
    public static function known(): ?self
    {
        $kept = json_decode((string) @file_get_contents(self::path()), true);

        return is_array($kept) ? new self(Carbon::parse($kept['at']), (string) $kept['place']) : null;
    }

    public function keep(): void
    {
        file_put_contents(
            self::path(),
            json_encode(['at' => $this->at->toIso8601ZuluString(), 'place' => $this->place], JSON_THROW_ON_ERROR),
        );
    }

    public function isOld(): bool
    {
        return $this->at->diffInHours(now()) > self::OLD_AFTER_HOURS;
    }

    private static function path(): string
    {
        return storage_path('app/'.self::FILE);
    }
}
