<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** What a shop wins first when it recommends a size (BORE-11). */
enum Preference: string
{
    case Life = 'life';
    case Cost = 'cost';
    case Balanced = 'balanced';

    public function explanation(): string
    {
        return match ($this) {
            self::Life => 'Cuts the least metal from the block; up to a third of the cylinders may be sleeved for it.',
            self::Cost => 'The cheapest way, a replacement block included.',
            self::Balanced => 'The cheapest way that leaves at least one further offered size.',
        };
    }
}
