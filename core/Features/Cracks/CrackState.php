<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** How the crack check of a part stands; a clean result is never “no crack” (CRACK-4). */
enum CrackState: string
{
    case NotChecked = 'not checked';
    case Running = 'being checked';
    case Suspect = 'suspect';
    case Cracked = 'cracked';
    case NoIndicationFound = 'no indication found';
}
