<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

/** The direction of a diameter: thrust is square to the crankshaft, inline along it (BORE). */
enum Axis: string
{
    case Thrust = 'thrust';
    case Inline = 'inline';
    case Diagonal45 = '45';
    case Diagonal135 = '135';

    /** The two axes without which nothing holds. */
    public const NEEDED = [self::Thrust, self::Inline];
}
