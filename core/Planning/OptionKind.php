<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

enum OptionKind: string
{
    case Stay = 'stay';
    case Bore = 'bore';
    case Replace = 'replace';
}
