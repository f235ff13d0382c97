<?php

declare(strict_types=1);

namespace App\Http;

/** An amount of money as it is typed, “45” or “45.50”. */
final class Amount
{
    public static function isAmount(string $typed): bool
    {
        return preg_match('/^\d{1,7}(\.\d{2})?$/D', $typed) === 1;
    }

    /** @param  string  $amount  Checked already */
    public static function minor(string $amount): int
    {
        [$whole, $cents] = explode('.', $amount.'.00');

        return (int) $whole * 100 + (int) $cents;
    }

    /** As somebody would type it. */
    public static function typed(int $minor): string
    {
        return sprintf('%d.%02d', intdiv($minor, 100), $minor % 100);
    }
}
