<?php

declare(strict_types=1);

namespace App\Load;

use DateTimeImmutable;

/** A pin that stands and cannot be kept as things are. */
final readonly class RefusedPin
{
    /** @param  string  $operation  Its code in the load, “NL-0417/bore” */
    public function __construct(public string $operation, public DateTimeImmutable $at, public PinTrouble $trouble)
    {
    }
}
