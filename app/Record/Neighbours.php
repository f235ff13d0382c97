<?php

declare(strict_types=1);

namespace App\Record;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;

/** What the same place reads in the other cylinders, journals, housings or rods of a sheet (QTY-4). */
final readonly class Neighbours
{
    /**
     * @param  ?int  $setupId  Of a setup that was zeroed on the part, whose deviations count from there; null for a size
     * @return list<Length> As stored: sizes, or deviations of that one setup
     */
    public static function of(SheetEntries $entries, Place $place, ?int $setupId): array
    {
        $setups = $entries->gauges->setups;
        $isSize = static fn (?int $id): bool => ($setups[(int) $id] ?? null)?->isZeroedOnThePart() !== true;
        $others = [];
        foreach ($entries->measuredPlaces() as $other) {
            $newest = $other->number !== $place->number && $other->isLike($place) ? $entries->at($other)->newest() : null;
            if (
                $newest?->nanometres !== null &&
                ! $entries->isSuspect($other) &&
                ($setupId === null ? $isSize($newest->setupId) : $newest->setupId === $setupId)
            ) {
                $others[] = Length::ofNanometres($newest->nanometres);
            }
        }

        return $others;
    }
}
