<?php

declare(strict_types=1);

namespace App\SpecBook;

use RuntimeException;

/** What was typed reads as no value of the kind that stands there. */
final class NotThisKind extends RuntimeException
{
    public function __construct(public readonly ValueKind $kind)
    {
        parent::__construct($kind->value);
    }
}
