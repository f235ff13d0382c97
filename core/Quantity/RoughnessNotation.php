<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/**
 * Reads and writes a finish Ra: a bare number is in microinches in an inch job and in µm in a metric one; either can be written: “0.18 um”,
 * “7 uin” (QTY-6).
 */
final readonly class RoughnessNotation
{
    private const NANOMETRES_PER_MICROMETRE = 1_000;

    private const TENTHS_OF_NANOMETRES_PER_MICROINCH = 254;

    /** @throws QuantityException If it is no finish between nothing and 100 µm */
    public static function read(string $text, LengthUnit $unit): Roughness
    {
        if (
            preg_match('/^(\d{0,3})(?:[.,](\d{1,3}))?\s*(um|µm|μm|uin|µin)?$/iuD', trim($text), $match) !== 1 ||
            trim($match[1].($match[2] ?? '')) === ''
        ) {
            throw QuantityException::noRoughness($text);
        }
        $thousandths = (int) $match[1] * 1_000 + (int) str_pad($match[2] ?? '', 3, '0');
        $written = mb_strtolower($match[3] ?? '');
        $isMicroinch = $written === '' ? $unit === LengthUnit::Inch : str_ends_with($written, 'in');
        $nanometres = $isMicroinch ? Length::divideRounded($thousandths * self::TENTHS_OF_NANOMETRES_PER_MICROINCH, 10_000) : $thousandths;

        return $nanometres <= 100 * self::NANOMETRES_PER_MICROMETRE
            ? Roughness::ofNanometres($nanometres)
            : throw QuantityException::noRoughness($text);
    }

    /** In µm to a hundredth, or in whole microinches, by the unit of the job. */
    public static function text(int $nanometres, LengthUnit $unit): string
    {
        return $unit === LengthUnit::Inch
            ? (string) Length::divideRounded($nanometres * 10, self::TENTHS_OF_NANOMETRES_PER_MICROINCH)
            : number_format(Length::divideRounded($nanometres, 10) / 100, 2, '.', '');
    }

    public static function unit(LengthUnit $unit): string
    {
        return $unit === LengthUnit::Inch ? 'µin' : 'µm';
    }
}
