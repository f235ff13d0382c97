<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

/** The class of the worst pitting of a bore (BORE-6). */
enum PittingClass: int
{
    case None = 0;
    case Stain = 1;
    case Visible = 2;
    case Felt = 3;
    case CatchesNail = 4;

    /** Whether a finger or a nail finds it, so that its depth can be asked. */
    public function hasDepth(): bool
    {
        return $this === self::Felt || $this === self::CatchesNail;
    }
}
