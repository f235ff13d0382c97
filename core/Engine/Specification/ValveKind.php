<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum ValveKind: string
{
    case Intake = 'intake';
    case Exhaust = 'exhaust';
}
