<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Quantity\Length;

/** What the shop has lying there for one family, and nobody else is promised: it takes no days to come (PLAN-1). */
final readonly class Shelf
{
    /** @param  array<string, int>  $counts  By key */
    private function __construct(private array $counts)
    {
    }

    public static function empty(): self
    {
        return new self([]);
    }

    /** @param  array<string, int>  $counts  How many, by `key` */
    public static function of(array $counts): self
    {
        return new self($counts);
    }

    public static function key(PriceItem $item, ?Length $step): string
    {
        return $step === null ? $item->value : "{$item->value} {$step->nanometres}";
    }

    /** True where all of them are there. */
    public function holds(Piece $piece): bool
    {
        return ($this->counts[self::key($piece->item, $piece->step)] ?? 0) >= $piece->count;
    }
}
