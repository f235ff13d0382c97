<?php

declare(strict_types=1);

namespace App\Stages\Plan;

/** One way of the plan, ready to show. */
final readonly class PlanRow
{
    /**
     * @param  list<PlanMark>  $marks
     * @param  ?int  $wallBar  Units of the bar of 66
     * @param  list<array{x: int, isLeft: bool}>  $notches  One for every allowed size
     */
    public function __construct(
        public string $key,
        public string $name,
        public string $clause,
        public string $spoken,
        public array $marks,
        public string $wall,
        public ?int $wallBar,
        public ?int $wallMinimum,
        public int $sizesLeft,
        public array $notches,
        public string $cost,
        public string $hours,
        public bool $isRecommended,
        public string $chosen,
        public bool $isSelected,
        public bool $isFolded,
        public string $forbidden,
    ) {
    }

    /**
     * The same way where it is nobody's here to choose.
     *
     * @param  list<PlanMark>  $marks
     */
    public function closed(string $key, string $clause, array $marks, string $why): self
    {
        return new self(
            $key,
            $this->name,
            $clause,
            "{$this->name}, {$clause}",
            $marks,
            $this->wall,
            $this->wallBar,
            $this->wallMinimum,
            $this->sizesLeft,
            $this->notches,
            $this->cost,
            $this->hours,
            false,
            '',
            false,
            false,
            $why,
        );
    }
}
