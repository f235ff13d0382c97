<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Quantity\Length;

/** One piece of sleeve in a bore, as it was found (SLV-3). */
final readonly class SleevePiece
{
    /** @param  ?Length  $length  Null where it was not measured */
    public function __construct(public SleevePieceKind $kind, public ?Length $length)
    {
    }
}
