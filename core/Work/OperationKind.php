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
