<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

/** What brings the main housings back into size and line (LINE-2a). */
enum LineWork: string
{
    case Hone = 'line hone';
    case Bore = 'line bore';
    case Scrap = 'scrap';
}
