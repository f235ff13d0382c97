<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** Whether a bore is honed and measured with a torque plate in place of the head. */
enum TorquePlate: string
{
    case NotUsed = 'not used';
    case Advised = 'advised';
    case Needed = 'needed';

    /** Without it no bore counts, be it only deglazed. */
    public function isNeeded(): bool
    {
        return $this === self::Needed;
    }

    /** Where metal is cut to size an advised plate is ordered like a needed one; the shop can decline it by a concession. */
    public function isOrdered(): bool
    {
        return $this !== self::NotUsed;
    }
}
