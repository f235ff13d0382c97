<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** How an indication looks in the developer; faint and none are answers to a retest (CRACK-3). */
enum Look: string
{
    case SharpLine = 'sharp line';
    case DotsInALine = 'dots in a line';
    case Diffuse = 'diffuse';
    case EdgeOrStep = 'edge or step';
    /** Wetness under a pressure test; what it comes from is not known before the place is read with dye. */
    case Leak = 'leak';
    /** A place in a bore that does not clean up under the stone: checked for a crack (HONE-5). */
    case PatchThatStays = 'patch that will not clean up';
    /** Through the wall: nothing has to be read twice. */
    case Hole = 'hole';
    case Faint = 'faint';
    case None = 'none';

    /** The looks that something seen for the first time can have. */
    public const FIRST = [
        self::SharpLine,
        self::DotsInALine,
        self::Diffuse,
        self::EdgeOrStep,
        self::Leak,
        self::PatchThatStays,
        self::Hole,
    ];

    /** True for what a crack shows: one such reading is suspect, a second one after cleaning is a crack. */
    public function isSharp(): bool
    {
        return $this === self::SharpLine || $this === self::DotsInALine || $this === self::Leak;
    }
}
