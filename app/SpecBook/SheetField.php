<?php

declare(strict_types=1);

namespace App\SpecBook;

/** One value of a sheet as it is read and written: a range is one. */
final readonly class SheetField
{
    /**
     * @param  string  $path  Of the value in the document, of a range that of both its ends, like `/piston/clearance`
     * @param  list<string>  $choices  The words that may stand there; empty where anything may be written
     */
    public function __construct(
        public string $path,
        public string $section,
        public string $label,
        public string $text,
        public ValueKind $kind,
        public bool $isRange,
        public array $choices,
    ) {
    }
}
