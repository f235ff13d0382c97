<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** How deep the worst score of a bore is by look and nail (BORE-6). */
enum ScoringLook: string
{
    case None = 'none';
    case Hairline = 'hairline';
    case Felt = 'felt';
    case CatchesNail = 'catches a nail';

    public function mayStay(): bool
    {
        return $this === self::None || $this === self::Hairline;
    }
}
