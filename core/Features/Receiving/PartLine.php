<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** A kind of part and how many of it this family has. */
final readonly class PartLine
{
    public function __construct(public string $key, public PartGroup $group, public string $words, public int $count)
    {
    }
}
