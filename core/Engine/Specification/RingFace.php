<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** The face of the top ring; it decides the abrasive of the last hone (HONE-2). */
enum RingFace: string
{
    case PlainIron = 'plain iron';
    case Molybdenum = 'molybdenum';
    case Chrome = 'chrome';
    case Nitrided = 'nitrided';

    public function abrasive(): string
    {
        return match ($this) {
            self::PlainIron => '220 to 240 grit',
            self::Molybdenum => '280 to 320 grit',
            self::Chrome => '180 to 220 grit',
            self::Nitrided => '320 to 400 grit, then a plateau brush',
        };
    }
}
