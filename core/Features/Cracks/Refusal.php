<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** Why a crack check cannot be done like that (CRACK-1, CRACK-2). */
enum Refusal: string
{
    case NotMagnetic = 'not_magnetic';
    case SurfaceOnly = 'surface_only';
    case NothingToPressurise = 'nothing_to_pressurise';
    case TooCold = 'too_cold';
    case TooHot = 'too_hot';
}
