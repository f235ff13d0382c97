<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** Two choices that cannot stand in one plan (PLAN-2). */
final readonly class Exclusion
{
    public function __construct(public string $part, public string $choice, public string $otherPart, public string $otherChoice)
    {
    }
}
