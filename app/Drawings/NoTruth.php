<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** Of an engine of the shop there is what was read, and nothing else. */
final readonly class NoTruth implements Truth
{
    public function at(Section $section, Place $place): ?Length
    {
        return null;
    }

    public function inspection(): null
    {
        return null;
    }

    public function isKnown(): bool
    {
        return false;
    }
}
