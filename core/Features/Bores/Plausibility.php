<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\BoreAllowances;
use NorthLedger\Core\Finding\Spread;
use NorthLedger\Core\Gauging\GaugeRange;
use NorthLedger\Core\Message;
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
     * @return ?Message What is doubtful; null where nothing is
     */
    public function doubtOfSize(Length $size, ?Length $nominal): ?Message
    {
        if (! $size->isPositive()) {
            return new Message('sheet.doubt.nothing');
        }
        if ($nominal === null) {
            return null;
        }
        $off = $size->minus($nominal);

        return $off->absolute()->isLargerThan($this->allowances->plausibleDeviation)
            ? new Message('sheet.doubt.from_nominal', [
                'off' => $this->display->deviation($off),
                'unit' => $this->display->deviationUnit(),
                'nominal' => $this->display->sizeWithUnit($nominal),
            ])
            : null;
    }

    /** @return ?Message What is doubtful of a deviation from a zero on the part itself */
    public function doubtOfDeviation(Length $deviation): ?Message
    {
        return $deviation->absolute()->isLargerThan($this->allowances->plausibleDeviation)
            ? new Message('sheet.doubt.from_zero', [
                'off' => $this->display->deviation($deviation),
                'unit' => $this->display->deviationUnit(),
            ])
            : null;
    }

    /** @return ?Message What is doubtful of a traced wall, a thickness, the depth of a pit or a ring's end gap */
    public function doubtOfWall(Feature $feature, Length $value, ?Length $standardWall): ?Message
    {
        return match (true) {
            $standardWall !== null && $feature === BoreFeature::Wall && $value->isLargerThan($standardWall->times(2))
                => new Message('sheet.doubt.wall', ['wall' => $this->display->sizeWithUnit($standardWall)]),
            $standardWall !== null && $feature === BoreFeature::PitDepth && $value->isLargerThan($standardWall)
                => new Message('sheet.doubt.hole'),
            $feature === BoreFeature::RingGap && $value->isLargerThan($this->allowances->plausibleDeviation)
                => new Message('sheet.doubt.end_gap', ['gap' => $this->display->sizeWithUnit($value)]),
            $feature === BoreFeature::Trace && $value->absolute()->times(2)->isLargerThan($this->allowances->plausibleDeviation)
                => new Message('sheet.doubt.from_radius', ['off' => $this->display->magnitudeWithUnit($value)]),
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

    /** @return ?Message The doubt where the gauge cannot read such a size */
    public function doubtOfRange(Length $size, GaugeRange $range, string $gauge): ?Message
    {
        return $range->reaches($size) ? null
            : new Message('sheet.doubt.range', ['gauge' => $gauge, 'size' => $this->display->sizeWithUnit($size)]);
    }

    /**
     * @param  ?string  $unsized  The setup of a deviation whose zero has no size: only others of that setup can be compared with it
     *     (GAUGE-2); null for a size
     * @return ?Message The doubt where this reading alone makes its station's out-of-round too large to be true
     */
    public function doubtOfRoundness(BoreInspection $bore, Station $station, string $axis, Length $size, ?string $unsized = null): ?Message
    {
        $isComparable = static fn (Reading $other): bool => $unsized === null ? $other->isSized : $other->setup === $unsized;
        $others = array_filter($bore->atStation($station), $isComparable);
        unset($others[$axis]);
        $spread = $others === [] || $station === Station::Land ? null : Spread::across($others);
        if ($spread === null) {
            return null;
        }
        $limit = $this->allowances->plausibleOutOfRound;
        $with = Length::largest($size, $spread->largest->corrected)->minus(Length::smallest($size, $spread->smallest->corrected));

        return $with->isLargerThan($limit) && ! $spread->value()->isLargerThan($limit)
            ? new Message('sheet.doubt.round', ['station' => $station, 'by' => $this->display->magnitudeWithUnit($with)])
            : null;
    }
}
