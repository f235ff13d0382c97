<?php

declare(strict_types=1);

namespace Tests\Core;

use LogicException;
use NorthLedger\Core\Gauging\Axis;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Gauging\Reading;
use NorthLedger\Core\Gauging\Station;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Features;
use NorthLedger\Core\Inspection\Judge;
use NorthLedger\Core\Inspection\MeasuredSections;
use NorthLedger\Core\Inspection\Measurements;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Judgement\BoreInspection;
use NorthLedger\Core\Judgement\BoreLooks;
use NorthLedger\Core\Judgement\CrackLook;
use NorthLedger\Core\Judgement\PittingClass;
use NorthLedger\Core\Judgement\RidgeLook;
use NorthLedger\Core\Judgement\ScoringLook;
use NorthLedger\Core\Policy\ShopPolicy;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Spec\SpecificationSheet;

/** Engines laid out for the tests of the core. */
final class Bench
{
    public const PLACES = [
        [Station::Top, Axis::Thrust], [Station::Top, Axis::Inline], [Station::Middle, Axis::Thrust],
        [Station::Middle, Axis::Inline], [Station::Bottom, Axis::Thrust], [Station::Bottom, Axis::Inline],
    ];

    public static function sheet(string $family): SpecificationSheet
    {
        return SpecificationSheet::fromJson((string) file_get_contents(dirname(__DIR__, 2)."/resources/specs/{$family}.json"), $family);
    }

    /** @param  array<string, mixed>  $changes */
    /** Who judges a sheet while nothing is read on any other. */
    public static function judge(Section $section, SpecificationSheet $sheet, ?ShopPolicy $policy = null): Judge
    {
        $nothing = new class implements MeasuredSections
        {
            public function measurements(Section $section): Measurements
            {
                return Measurements::none();
            }
        };

        return Features::judge($section, $sheet, $policy ?? self::policy(), $nothing) ?? throw new LogicException("Nothing is judged on the sheet {$section->value}.");
    }

    public static function policy(array $changes = []): ShopPolicy
    {
        return ShopPolicy::fromArray($changes + self::policyDocument());
    }

    /** @return array<string, mixed> */
    public static function policyDocument(): array
    {
        /** @var array<string, mixed> $document */
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/policy/defaults.json'), true, 16, JSON_THROW_ON_ERROR);

        return $document;
    }

    public static function looksFine(): BoreLooks
    {
        return new BoreLooks(CrackLook::NoneSeen, RidgeLook::Felt, RidgeLook::None, ScoringLook::None, PittingClass::None);
    }

    public static function reading(Place $place, int $nanometres): Reading
    {
        return Reading::of($place, [Length::ofNanometres($nanometres)], Instrument::ofKind(InstrumentKind::BoreGaugeTenth), Temperatures::of(11.0, 11.5, null, null));
    }

    /**
     * @param  list<float|int|null>  $over  Thou over the nominal at the six places; null where not read
     * @param  ?float  $pistonUnder  Thou below the nominal
     */
    public static function bore(SpecificationSheet $sheet, int $cylinder, array $over, ?float $pistonUnder = null, ?BoreLooks $looks = null): BoreInspection
    {
        $readings = [];
        foreach (self::PLACES as $index => [$station, $axis]) {
            if (($over[$index] ?? null) !== null) {
                $readings[] = self::reading(Place::bore($cylinder, $station, $axis), $sheet->bore->nominal->nanometres + (int) round($over[$index] * 25_400));
            }
        }
        $piston = $pistonUnder === null ? null : self::reading(Place::piston($cylinder), $sheet->bore->nominal->nanometres - (int) round($pistonUnder * 25_400));

        return BoreInspection::of($cylinder, $readings, $piston, $looks ?? self::looksFine());
    }
}
