<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** The unit a job is kept in; it decides how bare numbers are read and sizes are shown (QTY-2, QTY-3). */
enum LengthUnit: string
{
    case Inch = 'in';
    case Millimetre = 'mm';

    public function nanometres(): int
    {
        return match ($this) {
            self::Inch => Length::NANOMETRES_PER_INCH,
            self::Millimetre => Length::NANOMETRES_PER_MILLIMETRE,
        };
    }

    /** As it is said in a sentence: “in inches”. */
    public function words(): string
    {
        return match ($this) {
            self::Inch => 'inches',
            self::Millimetre => 'mm',
        };
    }

    /** What one "over" or "under" is worth: a thou, or a hundredth of a millimetre (QTY-2). */
    public function sizeStep(): Length
    {
        return Length::ofNanometres(
            match ($this) {
                self::Inch => 25_400,
                self::Millimetre => 10_000,
            },
        );
    }

    /** The unit in which a gauge for such a job shows deviations. */
    public function readingUnit(): ReadingUnit
    {
        return match ($this) {
            self::Inch => ReadingUnit::Thou,
            self::Millimetre => ReadingUnit::HundredthMillimetre,
        };
    }

    /** What a good gauge of this unit tells apart: a tenth of a thou, or a micrometre. */
    public function gaugeStep(): Length
    {
        return Length::ofNanometres($this === self::Inch ? 2_540 : 1_000);
    }

    /** The size below, that a gauge of this unit can show. */
    public function onTheGauge(Length $size): Length
    {
        $step = $this->gaugeStep()->nanometres;

        return Length::ofNanometres(intdiv($size->nanometres, $step) * $step);
    }
}
