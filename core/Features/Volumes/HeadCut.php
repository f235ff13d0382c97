<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Volume;

/** How much is cut off a head for a smaller chamber (COMP-2). */
final readonly class HeadCut
{
    private const TEN_THOU_NM = 254_000;

    private const CUBIC_NM_IN_CUBIC_MM_PER_SQUARE_MM = 1_000_000;

    private function __construct(public Length $cut)
    {
    }

    /**
     * By what the chamber loses for each 0.010 in, as measured.
     *
     * @throws PlanningException If the target is above the chamber, or the loss is not above zero
     */
    public static function byMeasured(Volume $chamber, Volume $target, Volume $perTenThou): self
    {
        $perTenThou->isPositive() || throw PlanningException::impossible('volume_per_cut', $perTenThou->cubicMillimetres);

        return self::of((self::removed($chamber, $target) / $perTenThou->cubicMillimetres) * self::TEN_THOU_NM);
    }

    /**
     * By the chamber's area at the face.
     *
     * @throws PlanningException If the target is above the chamber, or the area is not above zero
     */
    public static function byArea(Volume $chamber, Volume $target, float $squareMillimetres): self
    {
        $squareMillimetres > 0 || throw PlanningException::impossible('area_at_the_face', $squareMillimetres);

        return self::of((self::removed($chamber, $target) / $squareMillimetres) * self::CUBIC_NM_IN_CUBIC_MM_PER_SQUARE_MM);
    }

    public function heightAfter(Length $headHeight): Length
    {
        return $headHeight->minus($this->cut);
    }

    /** The least height itself is allowed. */
    public function isAllowed(Length $headHeight, Length $leastHeight): bool
    {
        return ! $this->heightAfter($headHeight)->isSmallerThan($leastHeight);
    }

    private static function of(float $nanometres): self
    {
        return new self(Length::ofNanometres((int) round($nanometres)));
    }

    private static function removed(Volume $chamber, Volume $target): float
    {
        foreach ([$chamber, $target] as $volume) {
            $volume->isPositive() || throw PlanningException::impossible('chamber', $volume->cubicMillimetres);
        }
        $removed = $chamber->minus($target)->cubicMillimetres;

        return $removed < 0 ? throw PlanningException::cannotAddMetal() : $removed;
    }
}
