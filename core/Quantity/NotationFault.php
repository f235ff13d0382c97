<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** Why a text was asked back (QTY-1, QTY-2). */
enum NotationFault: string
{
    case Empty = 'empty';
    case Unreadable = 'unreadable';
    case TooFine = 'too_fine';
    case FractionNeedsInch = 'fraction_needs_inch';
}
