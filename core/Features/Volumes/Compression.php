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
     * @return ?float Null where nothing would be left above the piston
     */
    public function ratio(int $cylinder, Length $bore, Length $deckCut, Length $headCut): ?float
    {
        $spec = $this->sheet->volumes;
        try {
            return CompressionRatio::of(
                $bore,
                $this->sheet->stroke,
                Volume::ofCubicMillimetres(max(0.0, $this->chamber($cylinder)->minus($this->cutOff($headCut))->cubicMillimetres)),
                Volume::ofCylinder($spec->gasketBore, $spec->gasketThickness),
                $this->deckClearance($cylinder)->minus($deckCut),
                $this->crown($cylinder),
            )->value();
        } catch (PlanningException) {
            return null;
        }
    }

    public function chamber(int $cylinder): Volume
    {
        $measured = $this->volumes->value(Place::at(VolumeFeature::Chamber, $cylinder));

        return $measured === null ? $this->sheet->volumes->chamber : Volume::ofCubicMillimetres((float) $measured);
    }

    /** The chamber that gives a ratio, everything else as it is. */
    public function chamberFor(int $cylinder, float $ratio, Length $bore, Length $deckCut): Volume
    {
        $swept = Volume::ofCylinder($bore, $this->sheet->stroke)->cubicMillimetres;
        $other = Volume::ofCylinder($this->sheet->volumes->gasketBore, $this->sheet->volumes->gasketThickness)
            ->plus(Volume::ofCylinder($bore, $this->deckClearance($cylinder)->minus($deckCut)))
            ->minus($this->crown($cylinder));

        return Volume::ofCubicMillimetres($swept / ($ratio - 1) - $other->cubicMillimetres);
    }

    /** The area of a chamber at the face in mm², where nobody has measured what a cut takes: the gasket's opening. */
    public function chamberArea(): float
    {
        $millimetres = $this->sheet->volumes->gasketBore->nanometres / Length::NANOMETRES_PER_MILLIMETRE;

        return self::QUARTER_PI * $millimetres ** 2;
    }

    public function deckClearance(int $cylinder): Length
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

    private function crown(int $cylinder): Volume
    {
        $measured = $this->volumes->value(Place::at(VolumeFeature::Crown, $cylinder));

        return $measured === null ? $this->sheet->volumes->crown : Volume::ofCubicMillimetres((float) $measured);
    }

    private function cutOff(Length $headCut): Volume
    {
        return Volume::ofCubicMillimetres(($this->chamberArea() * $headCut->nanometres) / Length::NANOMETRES_PER_MILLIMETRE);
    }
}
