<?php

declare(strict_types=1);

namespace App\Photos;

/** A picture as it is kept: under the hash of its bytes. */
final readonly class StoredPhoto
{
    public function __construct(public string $hash, public int $width, public int $height)
    {
    }
}
