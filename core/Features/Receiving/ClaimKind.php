<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** What the paperwork says was done elsewhere (WORK-5). */
enum ClaimKind: string
{
    case Rebored = 'rebored';
    case Sleeved = 'sleeves fitted';
    case ThreadInserts = 'thread inserts fitted';
    case CracksRepaired = 'cracks repaired';
    case Welded = 'welded';
    case CrankshaftGround = 'crankshaft ground';
    case LineBored = 'line bored';
    case DeckFaced = 'deck faced';
    case HeadFaced = 'head faced';
    case ValveSeatsCut = 'valve seats cut';
    case CrackChecked = 'crack checked';
    case Other = 'other work';

    /** True where it is counted, and the count can be held against what is found. */
    public function isCounted(): bool
    {
        return in_array($this, [self::Sleeved, self::ThreadInserts, self::CracksRepaired, self::Welded], true);
    }
}
