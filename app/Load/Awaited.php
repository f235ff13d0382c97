<?php

declare(strict_types=1);

namespace App\Load;

use DateTimeImmutable;
use NorthLedger\Core\Engine\Policy\PriceItem;

/** Something that a kind of work waits for and no machine does: a part, or the customer's answer. */
final readonly class Awaited
{
    /**
     * @param  ?PriceItem  $part  Null: the customer's answer
     * @param  bool  $isExpected  Nobody promised that day: it is reckoned from lead days, or from the days an answer takes
     */
    public function __construct(public ?PriceItem $part, public DateTimeImmutable $on, public bool $isExpected)
    {
    }
}
