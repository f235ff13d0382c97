<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Record\Measurements;

/** What was read of an engine, sheet by sheet: features know each other through it and in no other way. */
interface MeasuredSections
{
    public function measurements(Section $section): Measurements;
}
