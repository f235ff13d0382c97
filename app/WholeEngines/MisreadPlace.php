<?php

declare(strict_types=1);

namespace App\WholeEngines;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;

/** A place of which something else was keyed than it is: a size, or a look. */
final readonly class MisreadPlace
{
    private function __construct(public Place $place, public Length|string $read, public Length|string $is)
    {
    }

    public static function size(Place $place, Length $read, Length $is): self
    {
        return new self($place, $read, $is);
    }

    /** As they are stored. */
    public static function look(Place $place, string $read, string $is): self
    {
        return new self($place, $read, $is);
    }
}
