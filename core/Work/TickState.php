<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What is said of an operation. */
enum TickState: string
{
    case Done = 'done';
    case NotNeeded = 'not needed';
    case Open = 'open again';

    public function closes(): bool
    {
        return $this !== self::Open;
    }

    public function leavesOut(): bool
    {
        return $this === self::NotNeeded;
    }
}
