<?php

declare(strict_types=1);

namespace Database\Seeders;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\RoughnessNotation;
use NorthLedger\Core\Simulation\PartGauge;
use NorthLedger\Core\Simulation\SimulatedParts;

/** What an inspector keys at every place of a simulated part, as the gauge that is usual there shows it; for demonstrations and tests. */
final readonly class KeyedPart
{
    /** Where nothing is keyed. */
    public const UNREAD = '-';

    private const A_TENTH_NM = 2_540;

    private const A_MICROMETRE_NM = 1_000;

    public static function text(SpecificationSheet $sheet, SimulatedParts $parts, Characteristic $one): string
    {
        $is = $parts->value($one);

        return match ($is === null ? null : $one->place->feature->measurand()) {
            null => self::UNREAD,
            Measurand::Look => (string) array_search($is, $one->place->feature->looks(), true),
            Measurand::Mass => MassNotation::grams((int) $is),
            Measurand::Roughness => RoughnessNotation::text((int) $is, $sheet->unit),
            Measurand::Volume => number_format((float) $is / 1_000, 1, '.', ''),
            Measurand::Size => self::size($sheet, $one, Length::ofNanometres((int) $is)),
            default => self::small($sheet, self::shown($one, Length::ofNanometres((int) $is))),
        };
    }

    /** As a size, or on a dial from the zero that it is set to. */
    private static function size(SpecificationSheet $sheet, Characteristic $one, Length $is): string
    {
        $nominal = $one->nominal ?? Length::zero();

        return UsualGauge::of($one->place->feature, $nominal)->showsSizes()
            ? LengthDisplay::in($sheet->unit)->size(self::shown($one, $is))
            : self::small($sheet, self::shown($one, $is->minus($nominal)));
    }

    private static function shown(Characteristic $one, Length $is): Length
    {
        return (new PartGauge(UsualGauge::of($one->place->feature, $one->nominal), crc32($one->place->key) >> 8))->shows($is, 0);
    }

    private static function small(SpecificationSheet $sheet, Length $shown): string
    {
        return match (true) {
            $shown->nanometres === 0 => '0',
            $sheet->unit === LengthUnit::Inch => round($shown->nanometres / self::A_TENTH_NM, 1).' tenths',
            default => round($shown->nanometres / self::A_MICROMETRE_NM, 1).' um',
        };
    }
}
