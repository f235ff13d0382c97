<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

enum ClearanceState: string
{
    case Conforms = 'conforms';
    case Tight = 'tight';
    case Loose = 'loose';
}
