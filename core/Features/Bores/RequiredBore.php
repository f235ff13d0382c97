<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** The sizes at which a worn bore cleans up, from diameters alone (BORE-7). */
final readonly class RequiredBore
{
    private function __construct(public Length $least, public Length $most)
    {
    }

    /**
     * @param  Length  $asMade  Nominal + current step
     * @param  Length  $size  The largest reading; below the bore as made it counts as that
     * @param  Length  $pitDepth  Deepest pit or score beyond the reading, radial
     * @param  Length  $stock  Clean-up stock on diameter
     */
    public static function of(Length $asMade, Length $size, Length $pitDepth, Length $stock): self
    {
        $worn = Length::largest($asMade, $size);
        $beyond = $pitDepth->times(2)->plus($stock);

        return new self($worn->plus($beyond), $worn->times(2)->minus($asMade)->plus($beyond));
    }

    /** The same bore with what a traced wall asks for, where that is more (BORE-8); a map of all sides takes the guess out of the most. */
    public function traced(Length $bestCentre, Length $onCentre): self
    {
        $least = Length::largest($this->least, $bestCentre);

        return new self($least, Length::largest($least, $onCentre));
    }

    /** The same bore, were its largest reading larger by that much. */
    public function afterFurtherWear(Length $wear): self
    {
        return new self($this->least->plus($wear), $this->most->plus($wear->times(2)));
    }

    public function at(Length $size): CleanUp
    {
        return match (true) {
            ! $size->isSmallerThan($this->most) => CleanUp::OnCentre,
            ! $size->isSmallerThan($this->least) => CleanUp::OffCentre,
            default => CleanUp::No,
        };
    }

    /** How far the centre may have to move at that size, rounded; zero unless it cleans up off centre only. */
    public function shiftAt(Length $size): Length
    {
        return $this->twiceTheShiftAt($size)->half();
    }

    /** Exactly: a shift may be half a nanometre. */
    public function twiceTheShiftAt(Length $size): Length
    {
        return $this->at($size) === CleanUp::OffCentre ? $this->most->minus($size) : Length::zero();
    }
}
