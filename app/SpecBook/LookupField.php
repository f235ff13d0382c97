<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Words\Line;
use NorthLedger\Core\Engine\Identification\KnownSize;
use NorthLedger\Core\Engine\Identification\MeasuredSize;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\NotationMeaning;
use NorthLedger\Core\Quantity\ShopNotation;

/** One size of the lookup: what was typed, with which gauge it was read, and what is wrong with it. */
final readonly class LookupField
{
    private function __construct(
        public KnownSize $of,
        public string $label,
        public string $text,
        public InstrumentKind $gauge,
        public ?MeasuredSize $measured,
        public string $complaint,
    ) {
    }

    public static function of(KnownSize $of, string $text, string $gauge, LengthUnit $unit): self
    {
        $kind = InstrumentKind::tryFrom($gauge) ?? $of->usualGauge();
        $label = Line::ofCode('lookup.size', $of);
        if ($text === '') {
            return new self($of, $label, '', $kind, null, '');
        }
        try {
            $noted = ShopNotation::forSizes($unit)->read($text);
        } catch (NotationException) {
            return new self($of, $label, $text, $kind, null, Line::of('lookup.unreadable'));
        }
        $complaint = match (true) {
            $noted->means !== NotationMeaning::Length => Line::of('lookup.unreadable'),
            ! $noted->value->isPositive() => Line::of('lookup.not_positive'),
            default => '',
        };
        $doubt = Uncertainty::ofSize($noted->value, Instrument::ofKind($kind), Temperatures::of(0, 0, null, null));

        return new self($of, $label, $text, $kind, $complaint === '' ? new MeasuredSize($of, $noted->value, $doubt) : null, $complaint);
    }

    /** @return list<InstrumentKind> That such a size is read with */
    public static function gauges(): array
    {
        return [
            InstrumentKind::OutsideMicrometer,
            InstrumentKind::InsideMicrometer,
            InstrumentKind::TelescopingGauge,
            InstrumentKind::BoreGaugeTenth,
            InstrumentKind::BoreGaugeHalfThou,
            InstrumentKind::DepthMicrometer,
            InstrumentKind::HeightGauge,
            InstrumentKind::DigitalCaliper,
        ];
    }
}
