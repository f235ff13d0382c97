<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Quantity\Length;

/** What somebody said of an operation, under the order that was in force. */
final readonly class Tick
{
    /**
     * @param  int  $order  Number of the order
     * @param  string  $operation  Its key
     * @param  ?Length  $size  What it has now, where the operation has a target
     * @param  int  $lastReading  The newest finished reading at that time; 0 where there was none
     */
    public function __construct(
        public int $order,
        public string $operation,
        public TickState $state,
        public ?Length $size,
        public int $lastReading,
    ) {
    }
}
