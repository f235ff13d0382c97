<?php

declare(strict_types=1);

namespace App\SpecBook;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/** A range as it is written in a shop: “2.6240-2.6250”, “2.6240 to 2.6250”, “2.6245 ±.0005”. */
final class RangeText
{
    private const NUMBER = '\d*[.,]?\d+(?:\s+\d+\/\d+)?';

    private const UNIT = '\s*(?:in|"|mm|thou|g|µin|µm|um|uin|cc|°)?';

    private const DECIMALS = 7;

    public static function of(string $least, string $most): string
    {
        return "{$least}-{$most}";
    }

    /** @return ?array{string, string} Both ends as text; null where it is no range */
    public static function ends(string $text, LengthUnit $unit): ?array
    {
        $number = self::NUMBER.self::UNIT;
        if (preg_match("/^([+-]?{$number})\\s*(?:-|–|\\bto\\b)\\s*([+-]?{$number})$/iuD", $text, $match) === 1) {
            return [trim($match[1]), trim($match[2])];
        }
        if (preg_match("/^({$number})\\s*(?:±|\\+\\/-)\\s*({$number})$/iuD", $text, $match) === 1) {
            return self::around($match[1], $match[2], $unit);
        }

        return null;
    }

    /** @return ?array{string, string} */
    private static function around(string $middle, string $half, LengthUnit $unit): ?array
    {
        try {
            $notation = ShopNotation::forSizes($unit);
            [$middle, $half] = [$notation->read($middle)->value, $notation->read($half)->value];
        } catch (NotationException) {
            return null;
        }

        return [self::decimal($middle->minus($half), $unit), self::decimal($middle->plus($half), $unit)];
    }

    /** As a number of the unit, without empty decimals; four of an inch and three of a millimetre stand always. */
    private static function decimal(Length $length, LengthUnit $unit): string
    {
        $text = number_format($length->nanometres / $unit->nanometres(), self::DECIMALS, '.', '');
        $least = $unit === LengthUnit::Inch ? 4 : 3;
        while (str_ends_with($text, '0') && strlen(substr((string) strrchr($text, '.'), 1)) > $least) {
            $text = substr($text, 0, -1);
        }

        return $unit === LengthUnit::Inch && str_starts_with($text, '0.') ? substr($text, 1) : $text;
    }
}
