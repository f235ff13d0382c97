<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;

/** The two halves chosen for one journal, and what is between them and it (JRNL-9). */
final readonly class ShellPair
{
    /** @param  Length  $missesBy  Of the nearest end of the range; zero where it conforms */
    public function __construct(
        public ShellGrade $upper,
        public ShellGrade $lower,
        public Length $clearance,
        public ClearanceState $state,
        public Length $missesBy,
    ) {
    }
}
