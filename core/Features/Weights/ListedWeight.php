<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Mass;

/** A mass as somebody else's list says it (WORK-5). */
final readonly class ListedWeight
{
    /** @param  Mass  $step  Of its last digit: so finely was it written down */
    public function __construct(public Place $place, public Mass $mass, public Mass $step)
    {
    }
}
