<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** What a fingernail finds at the end of the ring travel (BORE-6). */
enum RidgeLook: string
{
    case None = 'none';
    case Felt = 'felt';
    case CatchesNail = 'catches a nail';
    case Deposits = 'deposits';
}
