<?php

declare(strict_types=1);

namespace App\SpecBook;

/** A value that a sheet does not say, and what waits for it. */
final readonly class LimitLine
{
    /** @param  string  $waits  What was read and is judged once it is known: “out-of-round in cylinders 1 and 3” */
    public function __construct(public string $pointer, public string $label, public string $waits)
    {
    }
}
