<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Cracks\CrackReport;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Quantity\Length;

/** What is known of an engine before anything is judged: what was said, looked at and read. */
interface Facts extends MeasuredSections
{
    /** @return non-empty-list<BoreInspection> One for every cylinder */
    public function bores(): array;

    /** The size step that somebody knows the bores to have; null where nobody does. */
    public function declaredStep(): ?Length;

    public function cracks(): CrackReport;

    /** @return list<PartDefect> Found while it was received and cleaned, of any part */
    public function defects(): array;

    /** @return list<EnginePart> Parts that did not come with the engine, or were counted in as missing */
    public function absent(): array;

    /** True where the customer lives with a finding, signed, as it is now (VER-5). */
    public function concedes(Finding $finding): bool;
}
