<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** The two schools of what comes first after the sleeves (WORK-1). */
enum OrderOfWork: string
{
    case DeckFirst = 'deck first';
    case BoreFirst = 'bore first';
}
