<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

/** Where along a bore a diameter is read: the land is unworn and counts for the current step only (BORE-4). */
enum Station: string
{
    case Land = 'land';
    case Top = 'top';
    case Middle = 'middle';
    case Bottom = 'bottom';

    /** The three stations that are judged, from the deck down. */
    public const JUDGED = [self::Top, self::Middle, self::Bottom];
}
