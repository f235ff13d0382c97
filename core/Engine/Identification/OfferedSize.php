<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Quantity\Length;

/** A size that parts of a family are made to: as new, or at a step that bearings or pistons are offered for. */
final readonly class OfferedSize
{
    /** @param  Length  $step  Over the standard size; below zero for a journal ground under it */
    public function __construct(public KnownSize $of, public Length $step, public LengthRange $made)
    {
    }

    /** How far a measured size lies outside what this one may measure after wear; zero inside, below zero where it is smaller. */
    public function distanceTo(Length $measured, Length $wear): Length
    {
        $range = $this->of->afterWear($this->made, $wear);

        return match (true) {
            $measured->isSmallerThan($range->least) => $measured->minus($range->least),
            $measured->isLargerThan($range->most) => $measured->minus($range->most),
            default => Length::zero(),
        };
    }

    /** True where no part of this size can measure what a part of the other does, with a gauge of that doubt. */
    public function isApartFrom(self $other, Length $wear, Length $doubt): bool
    {
        [$own, $theirs] = [$this->of->afterWear($this->made, $wear), $other->of->afterWear($other->made, $wear)];
        $gap = Length::largest($theirs->least->minus($own->most), $own->least->minus($theirs->most));

        return $gap->isLargerThan($doubt->times(2));
    }
}
