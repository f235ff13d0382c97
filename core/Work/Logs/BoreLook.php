<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Logs;

/** How a bore looks after a stint; a patch that stays is suspect for a crack (HONE-3, HONE-5). */
enum BoreLook: string
{
    case Even = 'even';
    case WitnessLeft = 'witness_left';
    case ScratchesLeft = 'scratches_left';
    case Glazed = 'glazed';
    case PatchThatStays = 'patch_that_stays';

    public function isSuspect(): bool
    {
        return $this === self::PatchThatStays;
    }
}
