<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreException;

/** A crack check that cannot be done like that; its refusal says why. */
final class CrackCheckRefused extends \DomainException implements CoreException
{
    private function __construct(public readonly Refusal $refusal)
    {
        parent::__construct($refusal->value);
    }

    public static function because(Refusal $refusal): self
    {
        return new self($refusal);
    }
}
