<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What the checked surface is like; anything but a machined or clean one lowers the confidence (CRACK-4). */
enum Surface: string
{
    case Machined = 'machined';
    case CleanCast = 'clean cast';
    case AsCast = 'as-cast skin';
    case Blasted = 'blasted';
    case Dirty = 'dirty';

    public function lowersConfidence(): bool
    {
        return in_array($this, [self::AsCast, self::Blasted, self::Dirty], true);
    }
}
