<?php

declare(strict_types=1);

namespace App\Storage;

/**
 * A picture taken of a job; the file is kept under its own hash.
 *
 * @property string $ulid
 * @property string $subject
 * @property string $remark
 * @property string $content_hash
 * @property int $width
 * @property int $height
 */
final class Photo extends Entry
{
    protected $table = 'photos';

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['created_at' => 'datetime'];
    }
}
