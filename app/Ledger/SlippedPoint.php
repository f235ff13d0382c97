<?php

declare(strict_types=1);

namespace App\Ledger;

/** What was probably meant where a decimal point was left out or put in the wrong place: 4.8 for 48 (QTY-4). */
final class SlippedPoint
{
    /** @return ?string Null where the text is no bare number */
    public static function meant(string $typed): ?string
    {
        if (preg_match('/^([+\-\x{2212}]?)(\d*)(?:([.,])(\d*))?$/uD', trim($typed), $match) !== 1) {
            return null;
        }
        [, $sign, $whole] = $match;
        [$point, $rest] = [$match[3] ?? '.', $match[4] ?? ''];
        if ($whole === '' || (int) $whole === 0) {
            return null;
        }

        return $sign.(strlen($whole) > 1 ? substr($whole, 0, -1) : '0').($point === '' ? '.' : $point).substr($whole, -1).$rest;
    }
}
