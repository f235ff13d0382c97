<?php

declare(strict_types=1);

namespace App\Sheet\Import;

use NorthLedger\Core\Engine\Places\Place;

/** One row of a read-in sheet: where it belongs and what it says; or why it cannot be read. */
final readonly class CsvRow
{
    /** @param  string  $problem  Empty where there is none */
    public function __construct(public int $line, public ?Place $place, public string $text, public string $problem)
    {
    }
}
