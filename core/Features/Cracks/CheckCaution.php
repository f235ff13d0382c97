<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** What can hurt at a step of a check. */
enum CheckCaution: string
{
    case Solvent = 'solvent';
    case StrongField = 'strong_field';
    /** Liquid at low pressure behind a guard, never air alone. */
    case Pressure = 'pressure';
    case Guard = 'guard';
}
