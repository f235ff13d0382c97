<?php

declare(strict_types=1);

namespace App\Sheet;

/** The keys of a sheet's page, and what each does; the list of them is also the menu of those who have no keyboard. */
final class SheetKeys
{
    private const EVERYWHERE = [
        'r' => 'repeat: read the last place once more',
        'u' => 'undo your last reading',
        'z' => 'gauge, zero and conditions',
        'b' => 'gauge back on its master',
        'g' => 'claim the gauge’s feed; then ask it',
        'j' => 'two at this sheet: caller, writer',
        'l' => 'limits that the specification does not say',
        'm' => 'micrometer, read line by line',
    ];

    /** @return array<string, string> */
    public static function ofBores(): array
    {
        return self::EVERYWHERE + [
            's' => 'size of a zero set on the part',
            'x' => 'more axes: 45°, 135°, both lands',
            'v' => 'one bore, and back to all',
            '[' => 'the bore or sheet before',
            ']' => 'the next bore or sheet',
        ];
    }

    /** @return array<string, string> */
    public static function ofParts(): array
    {
        return self::EVERYWHERE + ['x' => 'more stations and axes', '[' => 'the sheet before', ']' => 'the next sheet'];
    }
}
