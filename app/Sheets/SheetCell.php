<?php

declare(strict_types=1);

namespace App\Sheets;

/** One cell of a sheet, ready to show. */
final readonly class SheetCell
{
    /**
     * @param  ?string  $place  Place key; null where nothing is keyed here
     * @param  string  $main  What is read large
     * @param  string  $small  What follows from it
     * @param  string  $spoken  The whole cell in words
     */
    public function __construct(
        public ?string $place,
        public string $main,
        public string $small,
        public CellState $state,
        public string $spoken,
        public string $prompt = '',
    ) {
    }
}
