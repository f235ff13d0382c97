<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A signed certificate, stored word for word with its own hash.
 *
 * @property string $ulid
 * @property string $certificate
 * @property string $certificate_hash
 * @property string $statement
 * @property ?string $signature  Base64; null where it was signed before the shop had a key
 * @property ?string $public_key  Hexadecimal
 * @property-read ?int $entry_number  In the job's ledger, where it was read along
 */
final class Release extends Entry
{
    protected $table = 'releases';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
