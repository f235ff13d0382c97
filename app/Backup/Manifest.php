<?php

declare(strict_types=1);

namespace App\Backup;

use App\Signing\ShopKey;
use JsonException;

/** What a backup holds, file by file with its hash, signed by the shop's key. */
final readonly class Manifest
{
    public const FILE = 'manifest.json';

    public const SIGNATURE = 'manifest.sig';

    private const FORMAT = 'north-ledger backup 1';

    /** @param  array<string, string>  $files  Hash by path below the house's storage */
    public function __construct(
        public string $house,
        public string $madeAt,
        public string $database,
        public array $files,
        public string $publicKey,
    ) {
    }

    /** @throws BackupRefused If it is none, was changed, or was signed by another key than this house has */
    public static function in(string $folder): self
    {
        $json = @file_get_contents($folder.'/'.self::FILE);
        $signature = @file_get_contents($folder.'/'.self::SIGNATURE);
        if ($json === false || $signature === false) {
            throw BackupRefused::because('none', folder: $folder);
        }
        try {
            /**
             * @var array{
             *     format?: string, house: string, made_at: string, database: string, files: array<string, string>, public_key: string
             * } $data
             */
            $data = json_decode($json, true, 8, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            throw BackupRefused::because('changed', file: self::FILE);
        }
        if (($data['format'] ?? '') !== self::FORMAT || ! is_string($data['public_key'] ?? null)) {
            throw BackupRefused::because('none', folder: $folder);
        }
        $own = ShopKey::ifMade()?->publicKey();
        if (! ShopKey::verifies($json, trim($signature), $data['public_key'])) {
            throw BackupRefused::because('changed', file: self::FILE);
        }
        if ($own !== null && $own !== $data['public_key']) {
            throw BackupRefused::because('other_key', fingerprint: ShopKey::fingerprint($data['public_key']));
        }

        return new self($data['house'], $data['made_at'], $data['database'], $data['files'], $data['public_key']);
    }

    public function write(string $folder, ShopKey $key): void
    {
        $json =
            json_encode(
                [
                    'format' => self::FORMAT,
                    'house' => $this->house,
                    'made_at' => $this->madeAt,
                    'database' => $this->database,
                    'files' => (object) $this->files,
                    'public_key' => $this->publicKey,
                ],
                JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR,
            )."\n";
        file_put_contents($folder.'/'.self::FILE, $json);
        file_put_contents($folder.'/'.self::SIGNATURE, $key->sign($json)."\n");
    }
}
