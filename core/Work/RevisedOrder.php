<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** An order as it stood from a moment on. */
final readonly class RevisedOrder
{
    /** @param  int  $lastReading  The newest finished reading when it was made; 0 where there was none */
    public function __construct(public int $number, public WorkOrder $order, public int $lastReading)
    {
    }
}
