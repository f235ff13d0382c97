<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A work order that cannot be made. */
final class WorkException extends CoreRefusal
{
    public static function unknownOperation(string $key): self
    {
        return new self(new Message('refusal.work.unknown_operation', ['operation' => self::shown($key)]));
    }
}
