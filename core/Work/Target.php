<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Quantity\Length;

/** A size to work to, and the range that is accepted, its ends included. */
final readonly class Target
{
    public function __construct(public Length $aim, public Length $least, public Length $most)
    {
    }

    public function holds(Length $size): bool
    {
        return ! $size->isSmallerThan($this->least) && ! $size->isLargerThan($this->most);
    }
}
