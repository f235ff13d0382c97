<?php

declare(strict_types=1);

namespace App\Pages;

/** One cell of a sheet, ready to show. */
final readonly class SheetCell
{
    /**
     * @param  ?string  $place  Place key; null where nothing is keyed here
     * @param  string  $main  What is read large
     * @param  string  $small  What follows from it
     * @param  string  $words  What the place is called
     * @param  string  $prompt  What may be keyed there
     * @param  int  $standing  Number of the reading that stands there
     * @param  bool  $isLook  True where words are said and nothing is measured
     * @param  bool  $isNeeded  False where a verdict does without it
     */
    public function __construct(
        public ?string $place,
        public string $main,
        public string $small,
        public CellState $state,
        public string $words = '',
        public string $prompt = '',
        public int $standing = 0,
        public bool $isNeeded = true,
        public bool $isLook = false,
    ) {
    }

    /** How it looks: what stands there, whether a verdict needs it, whether it is said in words. */
    public function classes(): string
    {
        return $this->state->value.($this->isNeeded ? '' : ' spare').($this->isLook ? ' says' : '');
    }
}
