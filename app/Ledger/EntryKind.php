<?php

declare(strict_types=1);

namespace App\Ledger;

enum EntryKind: string
{
    case Received = 'received';
    case Setup = 'setup';
    case Reading = 'reading';
    case Undo = 'undo';
    case Choice = 'choice';
    case Tick = 'tick';
    case Disposition = 'disposition';
    case Release = 'release';
}
