<?php

declare(strict_types=1);

namespace App\Storage;

/** Why a family cannot be taken out of the spec book. */
enum FamilyHold: string
{
    case Shipped = 'shipped';
    case Job = 'job';
    case Variant = 'variant';
}
