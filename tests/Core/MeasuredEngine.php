<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Record\Measurements;
use NorthLedger\Core\Record\Reading;

/** An engine whose every place reads its nominal, but for what a test says: lengths in nanometres, or words; null for not read. */
final readonly class MeasuredEngine
{
    public function __construct(private SpecificationSheet $sheet)
    {
    }

    /** @param  array<string, int|float|string|null>  $changes  By place key */
    public function measurements(
        Section $section,
        array $changes = [],
        bool $capsTorqued = true,
        InstrumentKind $kind = InstrumentKind::OutsideMicrometer,
    ): Measurements {
        $readings = $conditions = $values = $looks = [];
        foreach (InspectionPlan::of($section, $this->sheet)->walk() as $one) {
            $key = $one->place->key;
            $value = array_key_exists($key, $changes) ? $changes[$key] : $this->sound($one);
            if ($value === null) {
                continue;
            }
            if ($one->place->feature->isGauged()) {
                $readings[$key] = self::reading($one->place, (int) $value, $kind);
                $conditions[$key] = new Conditions(capsTorqued: $capsTorqued);
            } elseif ($one->place->feature->measurand() === Measurand::Look) {
                $looks[$key] = (string) $value;
            } else {
                $values[$key] = is_string($value) ? 0 : $value;
            }
        }

        return new Measurements($readings, $conditions, $values, $looks);
    }

    public static function reading(Place $place, int $nanometres, InstrumentKind $kind = InstrumentKind::OutsideMicrometer): Reading
    {
        return Reading::of(
            $place,
            [Length::ofNanometres($nanometres)],
            Instrument::ofKind($kind),
            Temperatures::of(11.0, 11.5, 20.0, 20.0),
            'one',
        );
    }

    private function sound(Characteristic $one): int|float|string|null
    {
        $feature = $one->place->feature;

        return match ($feature->measurand()) {
            Measurand::Size => $one->nominal?->nanometres,
            Measurand::Look => $feature->looks()[0],
            Measurand::Mass => 500_000_000,
            Measurand::Roughness => in_array($feature, [FaceFeature::DeckFinish, FaceFeature::HeadFinish], true)
                ? 400
                : intdiv($this->sheet->crankshaft->smoothest->nanometres + $this->sheet->crankshaft->roughest->nanometres, 2),
            Measurand::Volume => $feature === VolumeFeature::Crown ? null : $this->sheet->volumes->chamber->cubicMillimetres,
            default => in_array(
                $feature,
                [
                    JournalFeature::MainStrip,
                    JournalFeature::PinStrip,
                    JournalFeature::EndPlay,
                    FaceFeature::DeckPitDepth,
                    FaceFeature::HeadPitDepth,
                ],
                true,
            )
                ? null
                : 0,
        };
    }
}
