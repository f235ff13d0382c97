<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Quantity\Length;

/** How a bore would run with the new piston of its present step: both limits of clearance held against it (BORE-6a). */
final readonly class NewPistonFit
{
    /** @param  ?Length  $clearance  Null while nothing is read, $least too */
    public function __construct(public Outcome $outcome, public ?Length $clearance, public ?Length $least)
    {
    }
}
