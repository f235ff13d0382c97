<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Volume;

/** What encloses the charge of one cylinder before anything is cut, so that its ratio after the cuts can be told (COMP-1, PLAN-2). */
final readonly class CombustionSpace
{
    private const TEN_THOU_NM = 254_000;

    /**
     * @param  Length  $deckClearance  Piston below the deck; below zero where it stands proud
     * @param  Volume  $crown  A dome above zero, a dish below
     * @param  ?Volume  $perTenThou  What the chamber loses for each 0.010 in off the head; null where no choice cuts it
     */
    private function __construct(
        private Length $bore,
        private Length $stroke,
        private Volume $chamber,
        private Volume $gasket,
        public Length $deckClearance,
        private Volume $crown,
        private ?Volume $perTenThou,
    ) {
    }

    /** @throws PlanningException If a size or volume cannot be */
    public static function of(
        Length $bore,
        Length $stroke,
        Volume $chamber,
        Volume $gasket,
        Length $deckClearance,
        Volume $crown,
        ?Volume $perTenThou,
    ): self {
        foreach (['bore' => $bore, 'stroke' => $stroke] as $what => $length) {
            $length->isPositive() || throw PlanningException::impossible($what, $length->nanometres);
        }
        $chamber->isPositive() || throw PlanningException::impossible('chamber', $chamber->cubicMillimetres);
        $gasket->cubicMillimetres >= 0 || throw PlanningException::impossible('gasket_volume', $gasket->cubicMillimetres);
        $perTenThou === null ||
            $perTenThou->isPositive() ||
            throw PlanningException::impossible('volume_per_cut', $perTenThou->cubicMillimetres);

        return new self($bore, $stroke, $chamber, $gasket, $deckClearance, $crown, $perTenThou);
    }

    /**
     * @param  ?Length  $bore  That it gets; null where it keeps its own
     * @return float Infinite where nothing would be left above the piston
     *
     * @throws PlanningException If the head is cut, and nobody knows what the chamber loses by it
     */
    public function ratioAfter(?Length $bore, Length $deckCut, Length $headCut): float
    {
        $bore ??= $this->bore;
        $swept = Volume::ofCylinder($bore, $this->stroke)->cubicMillimetres;
        $clearance = $this->chamber
            ->minus($this->lostBy($headCut))
            ->plus($this->gasket)
            ->plus(Volume::ofCylinder($bore, $this->deckClearance->minus($deckCut)))
            ->minus($this->crown)->cubicMillimetres;

        return $clearance > 0 ? ($swept + $clearance) / $clearance : INF;
    }

    public function knowsItsLoss(): bool
    {
        return $this->perTenThou !== null;
    }

    private function lostBy(Length $headCut): Volume
    {
        if ($headCut->isZero()) {
            return Volume::ofCubicMillimetres(0);
        }
        $perTenThou = $this->perTenThou ?? throw PlanningException::missing('chamber_loss');

        return Volume::ofCubicMillimetres(($headCut->nanometres / self::TEN_THOU_NM) * $perTenThou->cubicMillimetres);
    }
}
