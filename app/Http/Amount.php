<?php

declare(strict_types=1);

namespace App\Http;

/** An amount of money as it is typed, “45” or “45.50”, checked already. */
final class Amount
{
    public static function minor(string $amount): int
    {
        [$whole, $cents] = explode('.', $amount.'.00');

        return (int) $whole * 100 + (int) $cents;
    }
}
