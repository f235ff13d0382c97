<?php

declare(strict_types=1);

namespace App\Stages\Work;

/** The operations of one kind beside each other: cylinders, journals, housings, rods or valves across. */
final readonly class WorkRow
{
    private const MOST_ACROSS = 8;

    /**
     * @param  list<WorkCell>  $cells  By place
     * @param  list<string>  $remarks  What differs from place to place: “2, 5: Bore the sleeve.”
     * @param  string  $range  What they all have in common: “.010 under”, “2.4885 to 2.4895”
     */
    public function __construct(
        public string $title,
        public string $machine,
        public string $range,
        public array $cells,
        public string $instruction,
        public array $remarks,
        public string $check,
    ) {
    }

    public function isSingle(): bool
    {
        return count($this->cells) === 1 && $this->cells[0]->label === '';
    }

    /** How many cells stand side by side; what is more goes below. */
    public function across(): int
    {
        return min(self::MOST_ACROSS, count($this->cells));
    }

    public function isCurrent(): bool
    {
        foreach ($this->cells as $cell) {
            if ($cell->isCurrent) {
                return true;
            }
        }

        return false;
    }
}
