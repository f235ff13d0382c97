<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

enum OptionKind: string
{
    case Stay = 'stay';
    case Bore = 'bore';
    case Replace = 'replace';
}
