<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** The kinds of operation at a block's bores. */
enum OperationKind: string
{
    case Clean = 'clean';
    case CrackCheck = 'crack check';
    case Sleeve = 'sleeve';
    case Deck = 'deck';
    case Bore = 'bore';
    case Chamfer = 'chamfer';
    case Hone = 'hone';
    case FinalWash = 'final wash';

    /** True where nothing of the size before it is left. */
    public function takesTheSize(): bool
    {
        return $this === self::Sleeve || $this === self::Bore;
    }

    /** @return list<self> The kinds after which it has to be done again; a bore stays one when the deck is faced */
    public function undoneBy(): array
    {
        return match ($this) {
            self::Clean, self::CrackCheck, self::Sleeve => [],
            self::Deck, self::Bore => [self::Sleeve],
            self::Chamfer => [self::Sleeve, self::Deck, self::Bore],
            self::Hone => [self::Sleeve, self::Bore],
            self::FinalWash => [self::Sleeve, self::Deck, self::Bore, self::Chamfer, self::Hone],
        };
    }

    public function title(): string
    {
        return match ($this) {
            self::Clean => 'Clean the block',
            self::CrackCheck => 'Crack check the bores',
            self::Sleeve => 'Sleeve',
            self::Deck => 'Face the deck',
            self::Bore => 'Bore',
            self::Chamfer => 'Chamfer the top edges',
            self::Hone => 'Hone to size',
            self::FinalWash => 'Final wash and oil',
        };
    }
}
