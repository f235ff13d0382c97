<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** Where a value of a specification sheet comes from. */
enum SourceKind: string
{
    case Manual = 'manual';
    /** On a place of a part that has not worn. */
    case Measured = 'measured';
    /** Of the shop's own, by class of size: the book is silent. */
    case House = 'house';
    case Family = 'family';
    /** Agreed for one engine. */
    case Agreed = 'agreed';
}
