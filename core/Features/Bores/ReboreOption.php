<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** One way to make a block good (BORE-11), with what it costs, what it leaves, and what forbids it. */
final readonly class ReboreOption
{
    /** The key of staying with a whole new set of pistons. */
    public const NEW_PISTONS = 'stay_new_pistons';

    /**
     * @param  Length  $step  The block's size afterwards
     * @param  Length  $metalCut  On diameter, S − A
     * @param  list<int>  $onCentre
     * @param  array<int, Length>  $offCentre  Shift by cylinder
     * @param  list<int>  $sleeved
     * @param  ?Length  $thinnestWall  Of the cylinders that are not sleeved; null where none is left, or known
     * @param  list<int>  $wallTooThin  Cylinders that forbid it
     * @param  list<Obstacle>  $obstacles  What else forbids it
     * @param  list<int>  $needsTrace  Cylinders that may have to be centred further off than is allowed; a trace tells (BORE-11a)
     * @param  list<int>  $newPistons  Cylinders that stay with a new piston (BORE-6a)
     * @param  list<int>  $honedToClearance  Cylinders that stay once their clearance is honed out
     * @param  bool  $isWithNewPistons  A whole new set, whatever the old ones could still do
     */
    public function __construct(
        public OptionKind $kind,
        public Length $step,
        public Length $metalCut,
        public array $onCentre,
        public array $offCentre,
        public array $sleeved,
        public ?Length $thinnestWall,
        public array $wallTooThin,
        public int $sizesRemaining,
        public Money $cost,
        public int $machineMinutes,
        public array $obstacles = [],
        public array $needsTrace = [],
        public array $newPistons = [],
        public array $honedToClearance = [],
        public bool $isWithNewPistons = false,
    ) {
    }

    /** The same step by the same means, with the same cylinders sleeved. */
    public function isSameWayAs(?self $other): bool
    {
        return $other !== null && $this->key() === $other->key() && $this->sleeved === $other->sleeved;
    }

    public function isFeasible(): bool
    {
        return $this->wallTooThin === [] && $this->obstacles === [];
    }

    public function isNoWorseThan(self $other): bool
    {
        return $this->cost->minor <= $other->cost->minor &&
            $this->machineMinutes <= $other->machineMinutes &&
            ! $this->metalCut->isLargerThan($other->metalCut) &&
            $this->sizesRemaining >= $other->sizesRemaining &&
            count($this->sleeved) <= count($other->sleeved) &&
            count($this->offCentre) <= count($other->offCentre) &&
            $this->leavesNoThinnerWallThan($other);
    }

    /** Stable name of the option within its plan: `stay`, `stay_new_pistons`, `bore 508000`, `replace`. */
    public function key(): string
    {
        return match (true) {
            $this->kind === OptionKind::Bore => "bore {$this->step->nanometres}",
            $this->isWithNewPistons => self::NEW_PISTONS,
            default => $this->kind->value,
        };
    }

    private function leavesNoThinnerWallThan(self $other): bool
    {
        if ($this->thinnestWall === null) {
            return true;
        }

        return $other->thinnestWall !== null && ! $this->thinnestWall->isSmallerThan($other->thinnestWall);
    }
}
