<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\CoreException;

/** A journal that cannot be judged from what is read of it. */
final class JournalException extends \DomainException implements CoreException
{
    private function __construct(string $message, public readonly bool $isTooFew)
    {
        parent::__construct($message);
    }

    public static function incompleteGrid(string $name): self
    {
        return new self("Read {$name} at two stations and on two axes at the least, every axis at every station.", true);
    }

    public static function impossible(string $name, int $nanometres): self
    {
        return new self("{$name} cannot read {$nanometres} nm.", false);
    }
}
