<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Features\Volumes\VolumeFeature;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use NorthLedger\Core\Quantity\Mass;

/** What a place of a sound engine is: a size or deviation in nanometres, a look, a mass, a finish or a volume. */
final readonly class SoundParts
{
    private const DECK_FINISH_NM = 700;

    public function __construct(private SpecificationSheet $sheet)
    {
    }

    /** Null where nobody reads a sound one: pits that are not there, a strip that is not laid. */
    public function value(Characteristic $one): int|float|string|null
    {
        $feature = $one->place->feature;

        return match ($feature->measurand()) {
            Measurand::Size => $one->nominal?->nanometres,
            Measurand::Look => $feature->looks()[0] ?? null,
            Measurand::Mass => $this->mass($one)?->micrograms,
            Measurand::Roughness => in_array($feature, [FaceFeature::DeckFinish, FaceFeature::HeadFinish], true)
                ? self::DECK_FINISH_NM
                : intdiv($this->sheet->crankshaft->smoothest->nanometres + $this->sheet->crankshaft->roughest->nanometres, 2),
            Measurand::Volume => $feature === VolumeFeature::Crown ? null : $this->sheet->volumes->chamber?->cubicMillimetres,
            default => $this->small($one),
        };
    }

    /** A rod whose two ends are weighed is not weighed whole. */
    private function mass(Characteristic $one): ?Mass
    {
        return match ($one->place->feature) {
            RodFeature::RodMass => null,
            RodFeature::BigEndMass => $this->sheet->rods->bigEndMass,
            RodFeature::SmallEndMass => $this->sheet->rods->smallEndMass,
            WeightFeature::PinMass => $this->sheet->weights->pin,
            WeightFeature::RingMass => $this->sheet->weights->rings,
            WeightFeature::LockMass => $this->sheet->weights->locks,
            default => $this->sheet->piston->mass,
        };
    }

    private function small(Characteristic $one): ?int
    {
        return match ($one->place->feature) {
            JournalFeature::MainStrip, JournalFeature::PinStrip, FaceFeature::DeckPitDepth, FaceFeature::HeadPitDepth => null,
            JournalFeature::EndPlay => $this->endPlay(),
            FaceFeature::PistonToDeck => $this->sheet->volumes->deckClearance?->nanometres,
            default => 0,
        };
    }

    private function endPlay(): ?int
    {
        $range = $this->sheet->crankshaft->endPlay;

        return $range === null ? null : intdiv($range->least->nanometres + $range->most->nanometres, 2);
    }
}
