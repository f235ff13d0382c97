<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** A surface roughness Ra in whole nanometres (QTY-6). */
final readonly class Roughness
{
    private function __construct(public int $nanometres)
    {
    }

    /** @throws QuantityException If it is below zero */
    public static function ofNanometres(int $nanometres): self
    {
        return $nanometres < 0 ? throw QuantityException::negativeRoughness($nanometres) : new self($nanometres);
    }
}
