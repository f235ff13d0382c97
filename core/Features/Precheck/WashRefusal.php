<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Precheck;

/** Why a part is not washed so. */
enum WashRefusal: string
{
    /** The part comes out pitted and its seats loose. */
    case CausticEatsLightMetal = 'caustic_eats_light_metal';
    /** Grit comes out of the galleries into the bearings, and smears cracks shut. */
    case GritStays = 'grit_stays';
}
