<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** The angle that a hone leaves, by its speeds (HONE-1); said both ways, included and from the horizontal. */
final readonly class Crosshatch
{
    private function __construct(public float $fromHorizontal)
    {
    }

    /**
     * @param  float  $rpm  Turns a minute
     * @param  float  $cycles  Down and up, a minute
     *
     * @throws PlanningException If a size or the turning is not above zero, or the cycles are below it
     */
    public static function ofSpeeds(Length $bore, Length $stroke, float $rpm, float $cycles): self
    {
        self::mustBeAboveZero($bore->nanometres, $stroke->nanometres, $rpm);
        $cycles >= 0 || throw PlanningException::impossible('cycles_a_minute', $cycles);

        return new self(rad2deg(atan((2 * $stroke->nanometres * $cycles) / (M_PI * $bore->nanometres * $rpm))));
    }

    /** @throws PlanningException If it is not between 0 and 180 degrees */
    public static function included(float $degrees): self
    {
        return $degrees > 0 && $degrees < 180 ? new self($degrees / 2) : throw PlanningException::impossible('included_angle', $degrees);
    }

    /** @throws PlanningException If it is not between 0 and 90 degrees */
    public static function fromHorizontal(float $degrees): self
    {
        return $degrees > 0 && $degrees < 90
            ? new self($degrees)
            : throw PlanningException::impossible('angle_from_the_horizontal', $degrees);
    }

    public function includedAngle(): float
    {
        return 2 * $this->fromHorizontal;
    }

    public function isBetween(float $least, float $most): bool
    {
        return $this->includedAngle() >= $least && $this->includedAngle() <= $most;
    }

    /** Cycles a minute that give this angle at that speed. */
    public function cyclesAt(Length $bore, Length $stroke, float $rpm): float
    {
        self::mustBeAboveZero($bore->nanometres, $stroke->nanometres, $rpm);

        return (tan(deg2rad($this->fromHorizontal)) * M_PI * $bore->nanometres * $rpm) / (2 * $stroke->nanometres);
    }

    /** The turns a minute that fit where a hand or machine reaches no more than so many cycles. */
    public function rpmAt(Length $bore, Length $stroke, float $cycles): float
    {
        self::mustBeAboveZero($bore->nanometres, $stroke->nanometres, $cycles);

        return (2 * $stroke->nanometres * $cycles) / (tan(deg2rad($this->fromHorizontal)) * M_PI * $bore->nanometres);
    }

    private static function mustBeAboveZero(float|int ...$values): void
    {
        foreach ($values as $value) {
            $value > 0 || throw PlanningException::impossible('size_or_speed', $value);
        }
    }
}
