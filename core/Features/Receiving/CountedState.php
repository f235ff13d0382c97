<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** What was found when a part was counted in. */
enum CountedState: string
{
    case Present = 'present';
    case Missing = 'missing';
    case Damaged = 'damaged';
    case NotOurs = 'not ours';

    public function isFine(): bool
    {
        return $this === self::Present;
    }
}
