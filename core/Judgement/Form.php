<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

/** The form of a bore along one axis (BORE-2). */
enum Form: string
{
    case Barrel = 'barrel';
    case Waist = 'waist';
    case Taper = 'taper';
}
