<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;

/** One place of a sheet with what is expected there: a nominal where a size is read, and whether a verdict needs it. */
final readonly class Characteristic
{
    private function __construct(public Place $place, public ?Length $nominal, public bool $isNeeded)
    {
    }

    public static function needed(Place $place, ?Length $nominal = null): self
    {
        return new self($place, $nominal, true);
    }

    public function asNeeded(bool $isNeeded = true): self
    {
        return new self($this->place, $this->nominal, $isNeeded);
    }

    /** It is judged where it was read, and called not checked where it was not. */
    public static function optional(Place $place, ?Length $nominal = null): self
    {
        return new self($place, $nominal, false);
    }
}
