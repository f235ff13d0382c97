<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** One operation of the chain that ends last, and what it waited for. */
final readonly class ChainLink
{
    /** @param  ?string  $by  The operation that it waited for, at a machine or before it; null where it waited for none */
    public function __construct(public string $operation, public HeldBy $heldBy, public ?string $by)
    {
    }
}
