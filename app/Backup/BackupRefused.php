<?php

declare(strict_types=1);

namespace App\Backup;

use RuntimeException;

/** A backup cannot be made, is not whole, or does not belong here; the message says what to do. */
final class BackupRefused extends RuntimeException
{
    public static function because(string $code, string ...$more): self
    {
        return new self(__("backup.refused.{$code}", $more));
    }
}
