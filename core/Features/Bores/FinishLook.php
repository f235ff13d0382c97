<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** How a honed wall looks: what rings run in on, or what has to be honed once more (HONE-1, HONE-3). */
enum FinishLook: string
{
    case Even = 'even';
    case TooFlat = 'lines too flat';
    case TooSteep = 'lines too steep';
    case Glazed = 'glazed';
    case Scratched = 'scratched';
    case Witness = 'witness left';

    public function mayRun(): bool
    {
        return $this === self::Even;
    }
}
