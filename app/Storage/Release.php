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
 */
final class Release extends Entry
{
    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
