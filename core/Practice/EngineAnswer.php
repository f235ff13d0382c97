<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Finding\PartVerdict;

/** What somebody states of a whole engine (PRAC-2). */
final readonly class EngineAnswer
{
    /**
     * @param  array<string, PartVerdict>  $parts  By part
     * @param  string  $way  What is done to the bores, as the key of an option: `stay`, `bore 508000`, `replace`
     */
    public function __construct(public array $parts, public string $way)
    {
    }
}
