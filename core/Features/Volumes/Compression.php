<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Volumes;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Volume;
use NorthLedger\Core\Record\Measurements;

/**
 * How much each cylinder compresses, as it is and after what is planned (COMP-1). What was not measured is as the sheet
 * says; a deck clearance between two corners is taken in a straight line.
 */
final readonly class Compression
{
    private const QUARTER_PI = M_PI / 4;

    /** @param  Measurements  $faces  Of the deck sheet: pistons at the corners */
    public function __construct(private SpecificationSheet $sheet, private Measurements $volumes, private Measurements $faces)
    {
    }

    /**
     * @param  Length  $bore  The size it has or gets
     * @param  Length  $deckCut  Planned off the deck
     * @param  Length  $headCut  Planned off the head
     * @return ?float Infinite where nothing would be left above the piston; null where one of the volumes is not known
     */
    public function ratio(int $cylinder, Length $bore, Length $deckCut, Length $headCut): ?float
    {
        [$chamber, $gasket, $deck, $crown, $cut] = [
            $this->chamber($cylinder),
            $this->sheet->volumes->gasketVolume(),
            $this->deckClearance($cylinder),
            $this->crown($cylinder),
            $this->cutOff($headCut),
        ];
        if ($chamber === null || $gasket === null || $deck === null || $crown === null || $cut === null) {
            return null;
        }
        try {
            return CompressionRatio::of(
                $bore,
                $this->sheet->stroke,
                Volume::ofCubicMillimetres(max(0.0, $chamber->minus($cut)->cubicMillimetres)),
                $gasket,
                $deck->minus($deckCut),
                $crown,
            )->value();
        } catch (PlanningException) {
            return INF;
        }
    }

    public function chamber(int $cylinder): ?Volume
    {
        $measured = $this->volumes->value(Place::at(VolumeFeature::Chamber, $cylinder));

        return $measured === null ? $this->sheet->volumes->chamber : Volume::ofCubicMillimetres((float) $measured);
    }

    /** The chamber that gives a ratio, everything else as it is; null where one of the other volumes is not known. */
    public function chamberFor(int $cylinder, float $ratio, Length $bore, Length $deckCut): ?Volume
    {
        [$gasket, $deck, $crown] = [$this->sheet->volumes->gasketVolume(), $this->deckClearance($cylinder), $this->crown($cylinder)];
        if ($gasket === null || $deck === null || $crown === null) {
            return null;
        }
        $swept = Volume::ofCylinder($bore, $this->sheet->stroke)->cubicMillimetres;
        $other = $gasket->plus(Volume::ofCylinder($bore, $deck->minus($deckCut)))->minus($crown);

        return Volume::ofCubicMillimetres($swept / ($ratio - 1) - $other->cubicMillimetres);
    }

    /** The area of a chamber at the face in mm², where nobody has measured what a cut takes: the gasket's opening, if that is known. */
    public function chamberArea(): ?float
    {
        if ($this->sheet->volumes->gasketBore === null) {
            return null;
        }
        $millimetres = $this->sheet->volumes->gasketBore->nanometres / Length::NANOMETRES_PER_MILLIMETRE;

        return self::QUARTER_PI * $millimetres ** 2;
    }

    public function deckClearance(int $cylinder): ?Length
    {
        foreach ($this->sheet->layout->banks as $bank) {
            $index = array_search($cylinder, $bank, true);
            $first = $this->belowDeck($bank[0]);
            $last = $this->belowDeck($bank[count($bank) - 1]);
            if ($index !== false && $first !== null && $last !== null) {
                return $first->plus(
                    Length::ofNanometres(Length::divideRounded($last->minus($first)->nanometres * $index, max(1, count($bank) - 1))),
                );
            }
        }

        return $this->sheet->volumes->deckClearance;
    }

    /** As it was read on the sheet of the faces. */
    private function belowDeck(int $cylinder): ?Length
    {
        return ($this->faces->readingsOf('todeck', $cylinder)[0] ?? null)?->corrected;
    }

    public function crown(int $cylinder): ?Volume
    {
        $measured = $this->volumes->value(Place::at(VolumeFeature::Crown, $cylinder));

        return $measured === null ? $this->sheet->volumes->crown : Volume::ofCubicMillimetres((float) $measured);
    }

    /** Null where the area of the chamber is not known, and something is cut. */
    private function cutOff(Length $headCut): ?Volume
    {
        $area = $headCut->isZero() ? 0.0 : $this->chamberArea();

        return $area === null
            ? null
            : Volume::ofCubicMillimetres(($area * $headCut->nanometres) / Length::NANOMETRES_PER_MILLIMETRE);
    }
}
