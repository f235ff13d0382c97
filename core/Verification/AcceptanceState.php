<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

/** What the readings say of a part that was worked elsewhere, or is new. */
enum AcceptanceState: string
{
    case Conforms = 'conforms';
    case Out = 'out';
    /** Something of it is not read, not checked, without a limit, or too close to call. */
    case Open = 'open';
}
