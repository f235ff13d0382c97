<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\CoreException;

/** A work order that cannot be made. */
final class WorkException extends \DomainException implements CoreException
{
    public static function nothingToWork(): self
    {
        return new self('A replaced block has no work order for its bores. Receive the new block as a job of its own.');
    }

    /** @param  list<string>  $keys */
    public static function circular(array $keys): self
    {
        return new self('These operations wait for each other: '.implode(', ', $keys).'.');
    }

    public static function unknownOperation(string $key): self
    {
        $shown = mb_strimwidth(mb_scrub($key), 0, 40, '…');

        return new self("The order has no operation “{$shown}”.");
    }
}
