<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Places\Place;

/** The reading that can still change the verdict, and why (BORE-5); no place when none can. */
final readonly class NextReading
{
    /**
     * @param  list<int>  $spared  Cylinders whose unread places cannot change anything any more
     * @param  list<int>  $traces  Cylinders whose wall is traced next (BORE-11a)
     */
    public function __construct(public ?Place $place, public NextReason $reason, public array $spared, public array $traces = [])
    {
    }

    /** @param  list<int>  $spared */
    public static function none(array $spared): self
    {
        return new self(null, NextReason::NothingCanChange, $spared);
    }
}
