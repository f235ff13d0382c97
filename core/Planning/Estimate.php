<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Quantity\Money;

/** What pieces of work and parts come to by the shop's price list (PLAN-1). */
final readonly class Estimate
{
    /**
     * @param  int  $minutes  Of machines: set-up once for each kind of work, run for each piece
     * @param  int  $leadDays  Of the part that comes last
     */
    private function __construct(public Money $cost, public int $minutes, public int $leadDays)
    {
    }

    /** @param  list<Piece>  $pieces */
    public static function of(array $pieces, PriceList $prices, string $family, Shelf $shelf): self
    {
        $cost = Money::zero();
        $minutes = $days = 0;
        foreach (array_filter($pieces, static fn (Piece $piece): bool => $piece->count > 0) as $piece) {
            $price = $prices->of($piece->item, $family);
            $cost = $cost->plus($price->each()->times($piece->count));
            $minutes += $price->setupMinutes + $price->runMinutes * $piece->count;
            $days = max($days, $shelf->holds($piece) ? 0 : $price->leadDays);
        }

        return new self($cost, $minutes, $days);
    }
}
