<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** The form of a bore along one axis (BORE-2). */
enum Form: string
{
    case Barrel = 'barrel';
    case Waist = 'waist';
    case Taper = 'taper';
}
