<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Policy\BoreAllowances;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Finds what cannot be right before it is saved (QTY-4); the person can confirm that it reads so all the same. */
final readonly class Plausibility
{
    public function __construct(private BoreAllowances $allowances, private LengthDisplay $display)
    {
    }

    /** @return ?string What is doubtful, in a sentence; null where nothing is */
    public function doubtOfSize(Length $size, Length $nominal): ?string
    {
        $off = $size->minus($nominal);
        if (! $size->isPositive()) {
            return 'That would be a size of nothing. Is the sign right?';
        }

        return $off->absolute()->isLargerThan($this->allowances->plausibleDeviation)
            ? "That is {$this->display->deviation($off)} {$this->display->deviationUnit()} from the nominal {$this->display->sizeWithUnit($nominal)}."
            : null;
    }

    /** @return ?string The doubt where the gauge cannot read such a size */
    public function doubtOfRange(Length $size, InstrumentKind $instrument): ?string
    {
        return $instrument->reaches($size) ? null : "A {$instrument->value} does not reach {$this->display->sizeWithUnit($size)}.";
    }

    /** @return ?string The doubt where this reading alone makes its station's out-of-round too large to be true */
    public function doubtOfRoundness(BoreInspection $bore, Station $station, string $axis, Length $size): ?string
    {
        $others = $bore->atStation($station);
        unset($others[$axis]);
        if ($others === [] || $station === Station::Land) {
            return null;
        }
        $spread = Spread::of($others);
        $limit = $this->allowances->plausibleOutOfRound;
        $with = Length::largest($size, $spread->largest->corrected)->minus(Length::smallest($size, $spread->smallest->corrected));

        return $with->isLargerThan($limit) && ! $spread->value()->isLargerThan($limit)
            ? "That alone would make the {$station->value} out-of-round by {$this->display->magnitudeWithUnit($with)}."
            : null;
    }
}
