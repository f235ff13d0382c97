<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Record\Measurements;

/** Judges one sheet of the inspection as far as it is read. */
interface Judge
{
    public function judge(Measurements $measurements): SectionJudgement;
}
