<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\EnginePart;

/** What an operation is done to, in the order in which an order of work lists it. */
enum WorkPart: string
{
    case Block = 'block';
    case Crankshaft = 'crankshaft';
    case Rods = 'rods';
    case Head = 'head';
    case Together = 'together';

    /** Null where it is about several parts. */
    public function enginePart(): ?EnginePart
    {
        return EnginePart::tryFrom($this->value);
    }
}
