<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A pressure that cannot be. */
final class ImpossibleReading extends CoreRefusal
{
    public static function belowZero(): self
    {
        return new self(new Message('refusal.cracks.below_zero'));
    }

    public static function rose(): self
    {
        return new self(new Message('refusal.cracks.rose'));
    }
}
