<?php

declare(strict_types=1);

namespace App\Files;

use RuntimeException;
use Throwable;

/** Pictures and certificates cannot be read or kept at this moment. */
final class FilesUnreachable extends RuntimeException
{
    public static function because(Throwable $cause): self
    {
        return new self("The files of the house cannot be reached: {$cause->getMessage()}", previous: $cause);
    }

    public static function unreadable(string $path): self
    {
        return new self("{$path} cannot be read.");
    }
}
