<?php

declare(strict_types=1);

namespace App\SpecBook;

/** A crack-prone place on a drawn face. */
final readonly class MapPin
{
    public function __construct(public int $number, public string $x, public string $y, public string $words, public bool $wasLookedAt)
    {
    }
}
