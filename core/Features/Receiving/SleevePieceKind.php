<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** How a piece of sleeve is held in its bore (SLV-3). */
enum SleevePieceKind: string
{
    case Plain = 'plain';
    case Flanged = 'flanged';
}
