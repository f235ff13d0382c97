<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

/** What somebody states of a block (PRAC-2). */
final readonly class BlockAnswer
{
    /** @param  string  $way  Key of an option: `stay`, `bore 508000`, `replace` */
    public function __construct(public bool $canStay, public string $way)
    {
    }
}
