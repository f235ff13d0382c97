<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** The two schools of what comes first after the sleeves (WORK-1). */
enum OrderOfWork: string
{
    case DeckFirst = 'deck first';
    case BoreFirst = 'bore first';

    public function explanation(): string
    {
        return match ($this) {
            self::DeckFirst => 'The bore is then square to a fresh deck.',
            self::BoreFirst => 'One fixture; pressed sleeves are faced with the deck afterwards.',
        };
    }
}
