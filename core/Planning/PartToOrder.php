<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** A part that a plan needs, in one size (WORK-3). */
final readonly class PartToOrder
{
    /**
     * @param  ?Length  $step  Oversize or undersize; null where it comes in one size
     * @param  Money  $each  Without the work on it
     * @param  bool  $isMeasuredFirst  Its size is not decided before the work on its counterpart is done and measured
     * @param  bool  $isOnTheShelf  All of them are there
     */
    public function __construct(
        public PriceItem $item,
        public ?Length $step,
        public int $count,
        public Money $each,
        public int $leadDays,
        public bool $isMeasuredFirst,
        public bool $isOnTheShelf,
    ) {
    }

    /** “piston 508000”, “gasket_set” */
    public function key(): string
    {
        return Shelf::key($this->item, $this->step);
    }
}
