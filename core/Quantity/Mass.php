<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** A mass in whole micrograms (QTY-6). */
final readonly class Mass
{
    private function __construct(public int $micrograms)
    {
    }

    /** @throws QuantityException If it is below zero */
    public static function ofMicrograms(int $micrograms): self
    {
        return $micrograms < 0 ? throw QuantityException::negativeMass($micrograms) : new self($micrograms);
    }
}
