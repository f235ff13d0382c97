<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** Reads and writes volumes in cc, as a burette shows them: “54.3”, “−2.5 cc” (QTY-6). */
final readonly class VolumeNotation
{
    private const CUBIC_MILLIMETRES_PER_CC = 1_000;

    /** @throws QuantityException If it is no volume with two decimals at most */
    public static function read(string $text): Volume
    {
        if (
            preg_match('/^([+−-]?)(\d{0,4})(?:[.,](\d{1,2}))?\s*(?:cc|cm3|ml)?$/iuD', trim($text), $match) !== 1 ||
            trim($match[2].($match[3] ?? '')) === ''
        ) {
            throw QuantityException::noVolume($text);
        }
        $hundredths = (int) $match[2] * 100 + (int) str_pad($match[3] ?? '', 2, '0');
        $cubicMillimetres = ($hundredths * self::CUBIC_MILLIMETRES_PER_CC) / 100;

        return Volume::ofCubicMillimetres((float) (in_array($match[1], ['-', '−'], true) ? -$cubicMillimetres : $cubicMillimetres));
    }

    /** In cc to a tenth. */
    public static function cubicCentimetres(float $cubicMillimetres): string
    {
        return number_format($cubicMillimetres / self::CUBIC_MILLIMETRES_PER_CC, 1, '.', '');
    }
}
