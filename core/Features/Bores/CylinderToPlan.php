<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\WallReading;
use NorthLedger\Core\Record\WallSurvey;

/** What a rebore plan needs to know of one cylinder (BORE-7, BORE-9). */
final readonly class CylinderToPlan
{
    /**
     * @param  Length  $pitDepth  Radial, beyond the reading
     * @param  bool  $wantsNewPiston  To stay (BORE-6a)
     * @param  bool  $isHonedToClearance  To stay
     * @param  bool  $takesNewPiston  One of the present size fits it, as far as it is read
     * @param  ?float  $wearDirectionDegrees  Null where the direction of the wear is not known
     * @param  list<MeasuredWall>  $walls
     * @param  ?WearMap  $map  Null where the wall was not traced
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
        public ?WearMap $map = null,
        public bool $wantsNewPiston = false,
        public bool $isHonedToClearance = false,
        public bool $takesNewPiston = false,
    ) {
        foreach ([$size, ...array_column($walls, 'thickness')] as $length) {
            $length->isPositive() || throw PlanningException::impossible('cylinder_size', $length->nanometres, (string) $number);
        }
        $pitDepth->isNegative() && throw PlanningException::impossible('pit_depth', $pitDepth->nanometres, (string) $number);
    }

    /** As its readings so far say, at their word. */
    public static function fromJudged(JudgedBore $bore, Length $asMade, Length $stock, Length $allowedShift): self
    {
        $wall = $bore->inspection->wall;
        $map = self::map($wall, $asMade, $stock, $allowedShift);

        return new self(
            $bore->cylinder(),
            $bore->measures->size() ?? $asMade,
            $wall->pitDepth ?? Length::zero(),
            $bore->inspection->looks->showsCrack(),
            $bore->canStay->stays(),
            $map?->direction(),
            array_map(static fn (WallReading $one): MeasuredWall => new MeasuredWall($one->degrees, $one->value), $wall->thicknesses),
            $map,
            $bore->wantsNewPiston(),
            $bore->wayToStay() === CanStay::HonedToClearance,
            $bore->newPiston !== null && $bore->newPiston->outcome !== Outcome::Fail,
        );
    }

    /** Null until the wall is traced in four directions (BORE-8). */
    public static function map(WallSurvey $wall, Length $asMade, Length $stock, Length $allowedShift): ?WearMap
    {
        if (! WearMap::isPossible(array_column($wall->traced, 'degrees'))) {
            return null;
        }
        $radius = $asMade->half();

        return WearMap::of(
            array_values(
                array_filter(
                    array_map(
                        static fn (WallReading $one): ?TracedPoint => $one->station === null
                            ? null
                            : new TracedPoint((float) $one->degrees, $one->station, $radius->plus($one->value)),
                        $wall->traced,
                    ),
                ),
            ),
            $stock,
            $allowedShift,
        );
    }

    /** The same cylinder worn further, and staying or not. */
    public function suppose(Length $furtherWear, bool $canStay): self
    {
        return new self(
            $this->number,
            $this->size->plus($furtherWear),
            $this->pitDepth,
            $this->isCracked,
            $canStay,
            $this->wearDirectionDegrees,
            $this->walls,
            $this->map,
            $this->wantsNewPiston,
            $this->isHonedToClearance,
            $this->takesNewPiston,
        );
    }

    /** The same cylinder, were its deepest pit that deep. */
    public function pitted(Length $depth): self
    {
        return new self(
            $this->number,
            $this->size,
            $depth,
            $this->isCracked,
            $this->canStay,
            $this->wearDirectionDegrees,
            $this->walls,
            $this->map,
            $this->wantsNewPiston,
            $this->isHonedToClearance,
            $this->takesNewPiston,
        );
    }

    public function mustBeSleevedToStay(): bool
    {
        return ! $this->canStay || $this->isCracked;
    }
}
