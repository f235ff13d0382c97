<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** What forbids a way of making a block good, beside a wall that is too thin. */
enum Obstacle: string
{
    case BlockIsScrap = 'block is scrap';
    case CannotBeSleeved = 'cannot be sleeved';

    public function words(): string
    {
        return match ($this) {
            self::BlockIsScrap => 'The block is scrap whatever its bores are',
            self::CannotBeSleeved => 'Separate cylinders are replaced, not sleeved',
        };
    }
}
