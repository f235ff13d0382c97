<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Message;

/** One row of a sheet: the same thing read on every journal, housing, rod or valve. */
final readonly class CharacteristicRow
{
    /**
     * @param  string|Message  $group  What the rows from here on have in common; empty where it is the row above's
     * @param  list<?Characteristic>  $cells  By column; null where that column has no such place
     * @param  bool  $isExtra  Shown where somebody asks for more places, or something was read there
     */
    public function __construct(
        public string|Message $group,
        public Message $label,
        public array $cells,
        public bool $isExtra = false,
    ) {
    }
}
