<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** What forbids a way of making a block good, beside a wall that is too thin. */
enum Obstacle: string
{
    case BlockIsScrap = 'block is scrap';
    case CannotBeSleeved = 'cannot be sleeved';
}
