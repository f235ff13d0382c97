<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;

/** One diameter of a journal, at a station along it and an axis around it (JRNL-1). */
final readonly class JournalReading
{
    public function __construct(public string $station, public string $axis, public Length $diameter)
    {
    }
}
