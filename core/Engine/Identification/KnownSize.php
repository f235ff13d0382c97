<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;

/** A size of an engine that can be measured on a part without papers, and that tells families apart. */
enum KnownSize: string
{
    case Bore = 'bore';
    case MainJournal = 'main_journal';
    case RodJournal = 'rod_journal';
    case MainHousing = 'main_housing';
    case BigEnd = 'big_end';
    case Stroke = 'stroke';
    case RodLength = 'rod_length';
    case BoreSpacing = 'bore_spacing';

    /** What it is usually measured with. */
    public function usualGauge(): InstrumentKind
    {
        return match ($this) {
            self::Bore, self::MainHousing, self::BigEnd => InstrumentKind::InsideMicrometer,
            self::MainJournal, self::RodJournal => InstrumentKind::OutsideMicrometer,
            self::Stroke, self::RodLength, self::BoreSpacing => InstrumentKind::DigitalCaliper,
        };
    }

    /**
     * What a part may measure that was made to a range and has run since: holes grow, journals shrink, distances stay.
     *
     * @param  Length  $wear  The most that a place which looks unworn has lost or grown
     */
    public function afterWear(LengthRange $made, Length $wear): LengthRange
    {
        return match ($this) {
            self::Bore, self::MainHousing, self::BigEnd => LengthRange::between($made->least, $made->most->plus($wear)),
            self::MainJournal, self::RodJournal => LengthRange::between($made->least->minus($wear), $made->most),
            self::Stroke, self::RodLength, self::BoreSpacing => $made,
        };
    }
}
