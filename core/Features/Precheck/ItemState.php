<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

/** How a line of the checklist stands; what nobody looked at is called so. */
enum ItemState: string
{
    case Fine = 'fine';
    case Finding = 'finding';
    case NotChecked = 'not checked';
}
