<?php

declare(strict_types=1);

namespace App\Load;

/** How many days the load shows at once. */
enum Zoom: string
{
    case Day = 'day';
    case Week = 'week';
    case Month = 'month';

    public function days(): int
    {
        return match ($this) {
            self::Day => 1,
            self::Week => 7,
            self::Month => 28,
        };
    }
}
