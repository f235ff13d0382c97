<?php

declare(strict_types=1);

namespace NorthLedger\Core\Receiving;

/** What sits in a bore (SLV-3). */
enum SleeveKind: string
{
    case None = 'none';
    case FullDepth = 'full depth, on a step';
    case Flanged = 'flanged';
    case TwoPieces = 'two pieces';
    case Short = 'not full depth';
}
