<?php

declare(strict_types=1);

namespace NorthLedger\Core\Geometry;

enum GeometryFault: string
{
    case TooFew = 'too_few';
    case BadValue = 'bad_value';
    case TiltNotDetermined = 'tilt_not_determined';
    case SupportsInLine = 'supports_in_line';
}
