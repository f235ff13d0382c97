<?php

declare(strict_types=1);

namespace App\Drawings;

/** Writes a coordinate of a drawing: a tenth of a unit is finer than anybody sees. */
final class Coordinate
{
    public static function of(float $value): string
    {
        return number_format($value, 1, '.', '');
    }
}
