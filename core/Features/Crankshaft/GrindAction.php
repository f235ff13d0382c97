<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

/** What is done with a group of journals (JRNL-3, JRNL-5). */
enum GrindAction: string
{
    case Polish = 'polish';
    case Grind = 'grind';
    case WeldOrReplace = 'weld or replace';
}
