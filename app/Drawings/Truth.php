<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;

/** What is really there, laid over what was read: only of a simulated engine is it known, and only once it is judged (PRAC-2). */
interface Truth
{
    /** Null where nothing is gauged, or nobody may know. */
    public function at(Section $section, Place $place): ?Length;

    /** Every part judged by what it is; null where nobody may know. */
    public function inspection(): ?EngineInspection;

    public function isKnown(): bool;
}
