<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Judgement\CanStay;
use NorthLedger\Core\Judgement\JudgedBore;
use NorthLedger\Core\Quantity\Length;

/** What a rebore plan needs to know of one cylinder (BORE-7, BORE-9). */
final readonly class CylinderToPlan
{
    /**
     * @param  Length  $pitDepth  Radial, beyond the reading
     * @param  ?float  $wearDirectionDegrees  Null where the direction of the wear is not known
     * @param  list<MeasuredWall>  $walls
     *
     * @throws PlanningException If a size or wall is not above zero, or a pit depth below it
     */
    public function __construct(
        public int $number,
        public Length $size,
        public Length $pitDepth,
        public bool $isCracked,
        public bool $canStay,
        public ?float $wearDirectionDegrees = null,
        public array $walls = [],
    ) {
        foreach ([$size, ...array_column($walls, 'thickness')] as $length) {
            $length->isPositive() || throw PlanningException::impossible("size or wall of cylinder {$number}", $length->nanometres);
        }
        $pitDepth->isNegative() && throw PlanningException::impossible("pit depth of cylinder {$number}", $pitDepth->nanometres);
    }

    /** As its readings so far say, at their word. */
    public static function fromJudged(JudgedBore $bore, Length $asMade): self
    {
        return new self(
            $bore->cylinder(),
            $bore->measures->size() ?? $asMade,
            Length::zero(),
            $bore->inspection->looks->showsCrack(),
            $bore->canStay === CanStay::Yes,
        );
    }

    /** The same cylinder worn further, and staying or not. */
    public function suppose(Length $furtherWear, bool $canStay): self
    {
        return new self($this->number, $this->size->plus($furtherWear), $this->pitDepth, $this->isCracked, $canStay, $this->wearDirectionDegrees, $this->walls);
    }

    public function mustBeSleevedToStay(): bool
    {
        return ! $this->canStay || $this->isCracked;
    }
}
