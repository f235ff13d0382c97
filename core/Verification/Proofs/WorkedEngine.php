<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Assessment\Facts;
use NorthLedger\Core\Inspection\MeasuredSections;

/** An engine as it is now, after its work; and as it came. */
interface WorkedEngine extends MeasuredSections
{
    public function asItCame(): Facts;
}
