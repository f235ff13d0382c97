<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Volume;

/** How much an engine compresses (COMP-1). */
final readonly class CompressionRatio
{
    private function __construct(public Volume $swept, public Volume $clearance)
    {
    }

    /**
     * @param  Length  $deckClearance  Piston below the deck; below zero where it stands proud
     * @param  Volume  $crown  A dome above zero, a dish below
     *
     * @throws PlanningException If a size is not above zero, or nothing is left above the piston
     */
    public static function of(Length $bore, Length $stroke, Volume $chamber, Volume $gasket, Length $deckClearance, Volume $crown): self
    {
        foreach ([$bore, $stroke] as $length) {
            $length->isPositive() || throw PlanningException::impossible('bore_or_stroke', $length->nanometres);
        }
        foreach ([$chamber, $gasket] as $volume) {
            $volume->cubicMillimetres >= 0 || throw PlanningException::impossible('chamber_or_gasket_volume', $volume->cubicMillimetres);
        }
        $clearance = $chamber->plus($gasket)->plus(Volume::ofCylinder($bore, $deckClearance))->minus($crown);

        return $clearance->isPositive()
            ? new self(Volume::ofCylinder($bore, $stroke), $clearance)
            : throw PlanningException::noClearanceVolume();
    }

    public function value(): float
    {
        return $this->swept->plus($this->clearance)->cubicMillimetres / $this->clearance->cubicMillimetres;
    }
}
