<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Finding\Finding;

/** A value that the specification sheet does not say, and what was read that waits for it. */
final readonly class MissingLimit
{
    /**
     * @param  string  $pointer  Into the sheet: “/bore/service/out_of_round”
     * @param  non-empty-list<Finding>  $findings  That would be judged by it
     */
    public function __construct(public string $pointer, public array $findings)
    {
    }
}
