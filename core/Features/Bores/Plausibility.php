<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\BoreAllowances;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Record\Reading;

/** Finds what cannot be right before it is saved (QTY-4); the person can confirm that it reads so all the same. */
final readonly class Plausibility
{
    private const LEAST_OTHERS = 2;

    public function __construct(private BoreAllowances $allowances, private LengthDisplay $display)
    {
    }

    /**
     * @param  ?Length  $nominal  Null where nobody knows it
     * @return ?string What is doubtful, in a sentence; null where nothing is
     */
    public function doubtOfSize(Length $size, ?Length $nominal): ?string
    {
        if (! $size->isPositive()) {
            return 'That would be a size of nothing. Is the sign right?';
        }
        if ($nominal === null) {
            return null;
        }
        $off = $size->minus($nominal);

        return $off->absolute()->isLargerThan($this->allowances->plausibleDeviation)
            ? "That is {$this->display->deviation($off)} {$this->display->deviationUnit()} from the nominal ".
                    "{$this->display->sizeWithUnit($nominal)}."
            : null;
    }

    /** @return ?string What is doubtful of a deviation from a zero on the part itself */
    public function doubtOfDeviation(Length $deviation): ?string
    {
        return $deviation->absolute()->isLargerThan($this->allowances->plausibleDeviation)
            ? "That is {$this->display->deviation($deviation)} {$this->display->deviationUnit()} from the zero on the part."
            : null;
    }

    /** @return ?string What is doubtful of a traced wall, a thickness, the depth of a pit or a ring's end gap */
    public function doubtOfWall(Feature $feature, Length $value, ?Length $standardWall): ?string
    {
        return match (true) {
            $standardWall !== null && $feature === BoreFeature::Wall && $value->isLargerThan($standardWall->times(2))
                => "That is more than twice the {$this->display->sizeWithUnit($standardWall)} of a standard wall.",
            $standardWall !== null && $feature === BoreFeature::PitDepth && $value->isLargerThan($standardWall)
                => 'That pit goes through the wall: it is a hole.',
            $feature === BoreFeature::RingGap && $value->isLargerThan($this->allowances->plausibleDeviation)
                => "An end gap of {$this->display->sizeWithUnit($value)} is wider than a ring can have.",
            $feature === BoreFeature::Trace && $value->absolute()->times(2)->isLargerThan($this->allowances->plausibleDeviation)
                => "That is {$this->display->magnitudeWithUnit($value)} from the radius as made.",
            default => null,
        };
    }

    /**
     * @param  list<Length>  $others  What the same place reads in the other cylinders, journals or housings
     * @return bool True where it lies far beyond all of them: the decimal point may have slipped
     */
    public function isFarFromOthers(Length $value, array $others): bool
    {
        if (count($others) < self::LEAST_OTHERS) {
            return false;
        }
        $far = $this->allowances->plausibleAmongOthers;

        return $value->isLargerThan(Length::largest(...$others)->plus($far)) ||
            $value->isSmallerThan(Length::smallest(...$others)->minus($far));
    }

    /** @return ?string The doubt where the gauge cannot read such a size */
    public function doubtOfRange(Length $size, GaugeRange $range, string $gauge): ?string
    {
        return $range->reaches($size) ? null : "{$gauge} does not reach {$this->display->sizeWithUnit($size)}.";
    }

    /** @return ?string The doubt where this reading alone makes its station's out-of-round too large to be true */
    public function doubtOfRoundness(BoreInspection $bore, Station $station, string $axis, Length $size, string $setup = ''): ?string
    {
        $others = array_filter($bore->atStation($station), static fn (Reading $other): bool => $other->isSized || $other->setup === $setup);
        unset($others[$axis]);
        $spread = $others === [] || $station === Station::Land ? null : Spread::across($others);
        if ($spread === null) {
            return null;
        }
        $limit = $this->allowances->plausibleOutOfRound;
        $with = Length::largest($size, $spread->largest->corrected)->minus(Length::smallest($size, $spread->smallest->corrected));

        return $with->isLargerThan($limit) && ! $spread->value()->isLargerThan($limit)
            ? "That alone would make the {$station->value} out-of-round by {$this->display->magnitudeWithUnit($with)}."
            : null;
    }
}
