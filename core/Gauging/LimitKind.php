<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/** Which side of a limit conforms. */
enum LimitKind: string
{
    case Max = 'max';
    case Min = 'min';
}
