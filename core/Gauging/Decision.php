<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** A value held against a limit: the margin is positive inside. */
final readonly class Decision
{
    public function __construct(public Conformity $conformity, public Length $margin, public bool $isCloseCall)
    {
    }
}
