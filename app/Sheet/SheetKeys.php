<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Words\Line;

/** The keys of a sheet's page, and what each does; the list of them is also the menu of those who have no keyboard. */
final class SheetKeys
{
    /** By the key, the code of its line. */
    private const EVERYWHERE = [
        'r' => 'repeat',
        'u' => 'undo',
        'z' => 'setup',
        'b' => 'check_back',
        'g' => 'feed',
        'j' => 'pair',
        'l' => 'limits',
        'm' => 'micrometer',
    ];

    private const OF_BORES = ['s' => 'size_zero', 'x' => 'axes', 'v' => 'one_bore', '[' => 'bore_before', ']' => 'bore_next'];

    private const OF_PARTS = ['x' => 'stations', '[' => 'sheet_before', ']' => 'sheet_next'];

    /** @return array<string, string> */
    public static function ofBores(): array
    {
        return self::words(self::EVERYWHERE + self::OF_BORES);
    }

    /** @return array<string, string> */
    public static function ofParts(): array
    {
        return self::words(self::EVERYWHERE + self::OF_PARTS);
    }

    /**
     * @param  array<string, string>  $codes
     * @return array<string, string>
     */
    private static function words(array $codes): array
    {
        return array_map(static fn (string $code): string => Line::of("sheet.key.{$code}"), $codes);
    }
}
