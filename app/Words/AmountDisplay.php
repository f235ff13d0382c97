<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Finding\Amount;
use NorthLedger\Core\Finding\Limits;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Quantity\VolumeNotation;

/** Shows amounts as the trade writes them (QTY-5): sizes in full, small lengths as deviations, grams, µm and cc. */
final readonly class AmountDisplay
{
    public function __construct(private LengthDisplay $lengths)
    {
    }

    public function text(Amount $amount): string
    {
        return match ($amount->measurand) {
            Measurand::Size => $this->lengths->size($amount->length()),
            Measurand::Distance => ($amount->isNegative() ? "\u{2212}" : '').$this->lengths->magnitude($amount->length()),
            Measurand::Offset => $this->lengths->deviation($amount->length()),
            Measurand::Mass => MassNotation::grams((int) $amount->value),
            Measurand::Roughness => RoughnessNotation::text((int) $amount->value, $this->lengths->unit()),
            Measurand::Volume => VolumeNotation::cubicCentimetres((float) $amount->value),
            Measurand::Ratio => number_format((float) $amount->value, 2, '.', ''),
            Measurand::Look => '',
        };
    }

    public function withUnit(Amount $amount): string
    {
        return "{$this->text($amount)} {$this->unit($amount->measurand)}";
    }

    /** A difference of two amounts, without its sign: of sizes it is a deviation. */
    public function difference(Amount $amount): string
    {
        $isLength = $amount->measurand->isLength();
        $magnitude = Amount::of($isLength ? Measurand::Distance : $amount->measurand, abs($amount->value));

        return $this->withUnit($magnitude);
    }

    public function limits(Limits $limits): string
    {
        if ($limits->least === null) {
            return $limits->most === null ? '' : Line::of('findings.limits.most', ['most' => $this->text($limits->most)]);
        }

        return $limits->most === null
            ? Line::of('findings.limits.least', ['least' => $this->text($limits->least)])
            : Line::of('findings.limits.both', ['least' => $this->text($limits->least), 'most' => $this->text($limits->most)]);
    }

    public function unit(Measurand $measurand): string
    {
        return match ($measurand) {
            Measurand::Size => $this->lengths->unit()->value,
            Measurand::Distance, Measurand::Offset => $this->lengths->deviationUnit(),
            Measurand::Mass => 'g',
            Measurand::Roughness => RoughnessNotation::unit($this->lengths->unit()),
            Measurand::Volume => 'cc',
            Measurand::Ratio => Line::of('findings.limits.ratio'),
            Measurand::Look => '',
        };
    }
}
