<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** What a line-bore plan needs to know of one housing: its readings, and how far it stands off the line. */
final readonly class HousingToBore
{
    private const LEAST_READINGS = 4;

    private function __construct(public string $name, public Length $largest, public Length $offset)
    {
    }

    /**
     * @param  list<Length>  $readings  At four clock positions or more
     * @param  Length  $offset  From the line, without sign
     *
     * @throws PlanningException If there are too few readings, one is no size, or the offset is below zero
     */
    public static function of(string $name, array $readings, Length $offset): self
    {
        if ($readings === [] || count($readings) < self::LEAST_READINGS) {
            throw PlanningException::tooFew('readings', count($readings), self::LEAST_READINGS, $name);
        }
        foreach ($readings as $reading) {
            $reading->isPositive() || throw PlanningException::impossible('reading', $reading->nanometres, $name);
        }
        $offset->isNegative() && throw PlanningException::impossible('offset', $offset->nanometres, $name);

        return new self($name, Length::largest(...$readings), $offset);
    }

    /** The hole that a cut needs around it: off the line it grows on both sides. */
    public function hole(): Length
    {
        return $this->largest->plus($this->offset->times(2));
    }
}
