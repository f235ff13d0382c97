<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Quantity\Length;

/** So many pieces of work or of parts, of one size. */
final readonly class Piece
{
    /** @param  ?Length  $step  Oversize or undersize of a part; null where it comes in one size */
    public function __construct(public PriceItem $item, public int $count, public ?Length $step = null)
    {
    }
}
