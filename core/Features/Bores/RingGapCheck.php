<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** A ring of known gap squared in the worn bore, against the gauge (BORE-13): a check, never the basis of a verdict. */
final readonly class RingGapCheck
{
    /** @param  Length  $difference  Ring less gauge */
    private function __construct(public Length $ringDiameter, public Length $difference, public bool $asksWhichIsWrong)
    {
    }

    /**
     * @param  Length  $knownGap  Of the ring in the known bore
     * @param  Length  $gaugeDoubt  Expanded uncertainty of the gauge's reading
     * @param  Length  $ringDoubt  Likewise of the gap, on the diameter
     */
    public static function of(Length $knownBore, Length $knownGap, Length $gap, Length $gauge, Length $gaugeDoubt, Length $ringDoubt): self
    {
        $opened = $gap->minus($knownGap)->nanometres / M_PI;
        $difference = $knownBore->minus($gauge)->nanometres + $opened;

        return new self(
            $knownBore->plus(Length::ofNanometres((int) round($opened))),
            Length::ofNanometres((int) round($difference)),
            abs($difference) > $gaugeDoubt->plus($ringDoubt)->nanometres,
        );
    }
}
