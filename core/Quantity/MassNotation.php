<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** Reads and writes masses in grams, as a scale shows them: “612.4”, “612.4 g” (QTY-6). */
final readonly class MassNotation
{
    private const MICROGRAMS_PER_GRAM = 1_000_000;

    /** @throws QuantityException If it is no mass above nothing, in grams with two decimals at most */
    public static function read(string $text): Mass
    {
        if (preg_match('/^(\d{1,6})(?:[.,](\d{1,2}))?\s*g?$/iD', trim($text), $match) !== 1) {
            throw QuantityException::noMass($text);
        }
        $micrograms = (int) $match[1] * self::MICROGRAMS_PER_GRAM + (int) str_pad($match[2] ?? '', 2, '0') * 10_000;

        return $micrograms > 0 ? Mass::ofMicrograms($micrograms) : throw QuantityException::noMass($text);
    }

    /** In grams to a tenth, half away from zero. */
    public static function grams(int $micrograms): string
    {
        return number_format(Length::divideRounded($micrograms, 100_000) / 10, 1, '.', '');
    }
}
