<?php

declare(strict_types=1);

namespace Database\Seeders;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Inspection\UsualGauge;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\MassNotation;
use NorthLedger\Core\Quantity\RoughnessNotation;
use Random\Randomizer;

/** What an inspector would key at every place of a sound engine; for demonstrations and tests. */
final readonly class SoundPart
{
    /** Where nothing is keyed. */
    public const UNREAD = '-';

    /** What a sound part reads there, in the notation of the gauge that is usual for it. */
    public function text(SpecificationSheet $sheet, Characteristic $one, Randomizer $chance): string
    {
        $feature = $one->place->feature;

        return match ($feature->measurand()) {
            Measurand::Look => '0',
            // A rod whose two ends are weighed is not weighed whole.
            Measurand::Mass => $feature === RodFeature::RodMass
                ? self::UNREAD
                : MassNotation::grams((int) round($this->mass($sheet, $feature) / 100_000 + $chance->getInt(-9, 9)) * 100_000),
            Measurand::Roughness => in_array($feature, [FaceFeature::DeckFinish, FaceFeature::HeadFinish], true)
                ? '0.7 um'
                : RoughnessNotation::text(
                    intdiv($sheet->crankshaft->smoothest->nanometres + $sheet->crankshaft->roughest->nanometres, 2),
                    $sheet->unit,
                ),
            Measurand::Volume => $feature === VolumeFeature::Crown
                ? self::UNREAD
                : number_format($sheet->volumes->chamber->cubicMillimetres / 1000 + $chance->getInt(-4, 4) / 10, 1, '.', ''),
            Measurand::Size => $this->size($sheet, $one, $chance),
            default => $this->small($sheet, $feature, $chance),
        };
    }

    private function size(SpecificationSheet $sheet, Characteristic $one, Randomizer $chance): string
    {
        $nominal = $one->nominal ?? Length::zero();
        $kind = UsualGauge::of($one->place->feature, $nominal);
        $isNarrow = in_array($one->place->feature, [RodFeature::BigEnd, RodFeature::SmallEnd, HousingFeature::Housing], true);
        $off = $isNarrow ? 0 : $chance->getInt(-1, 1) * ($sheet->unit === LengthUnit::Inch ? 2_540 : 1_000);

        return $kind->showsSizes()
            ? LengthDisplay::in($sheet->unit)->size($nominal->plus(Length::ofNanometres($off)))
            : ($off === 0
                ? '0'
                : ($sheet->unit === LengthUnit::Inch
                    ? intdiv($off, 2_540).' tenths'
                    : intdiv($off, 1_000).' um'));
    }

    private function small(SpecificationSheet $sheet, Feature $feature, Randomizer $chance): string
    {
        $micrometres = match ($feature) {
            JournalFeature::MainStrip,
            JournalFeature::PinStrip,
            JournalFeature::MainScore,
            JournalFeature::PinScore,
            HousingFeature::PartingGap,
            FaceFeature::DeckPitDepth,
            FaceFeature::HeadPitDepth
                => 0,
            JournalFeature::EndPlay => intdiv(
                $sheet->crankshaft->endPlay->least->plus($sheet->crankshaft->endPlay->most)->nanometres,
                2_000,
            ),
            FaceFeature::PistonToDeck => intdiv($sheet->volumes->deckClearance->nanometres, 1_000) + $chance->getInt(-8, 8),
            FaceFeature::DeckPoint, FaceFeature::HeadPoint => $chance->getInt(0, 9),
            default => $chance->getInt(1, 5),
        };

        return in_array(
            $feature,
            [JournalFeature::MainStrip, JournalFeature::PinStrip, FaceFeature::DeckPitDepth, FaceFeature::HeadPitDepth],
            true,
        )
            ? self::UNREAD
            : "{$micrometres} um";
    }

    private function mass(SpecificationSheet $sheet, Feature $feature): int
    {
        return match ($feature) {
            RodFeature::BigEndMass => $sheet->rods->bigEndMass->micrograms,
            RodFeature::SmallEndMass => $sheet->rods->smallEndMass->micrograms,
            WeightFeature::PinMass => $sheet->weights->pin->micrograms,
            WeightFeature::RingMass => $sheet->weights->rings->micrograms,
            WeightFeature::LockMass => $sheet->weights->locks->micrograms,
            default => $sheet->piston->mass->micrograms,
        };
    }
}
