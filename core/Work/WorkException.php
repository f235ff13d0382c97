<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\CoreException;

/** A work order that cannot be made. */
final class WorkException extends \DomainException implements CoreException
{
    public static function unknownOperation(string $key): self
    {
        $shown = mb_strimwidth(mb_scrub($key), 0, 40, '…');

        return new self("The order has no operation “{$shown}”.");
    }
}
