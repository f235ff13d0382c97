<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** Whether a crack or hole was seen in the bore wall. */
enum CrackLook: string
{
    case NoneSeen = 'none seen';
    case Crack = 'crack';
    case Hole = 'hole';
}
