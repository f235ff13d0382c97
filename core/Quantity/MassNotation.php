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

    /** In grams to a tenth, and to a hundredth where there are hundredths: a scale that shows them is judged by them. */
    public static function grams(int $micrograms): string
    {
        $hundredths = Length::divideRounded($micrograms, 10_000);

        return number_format($hundredths / 100, $hundredths % 10 === 0 ? 1 : 2, '.', '');
    }
}
