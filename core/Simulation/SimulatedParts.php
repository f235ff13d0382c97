<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Camshaft\CamshaftFeature;
use NorthLedger\Core\Features\Crankshaft\JournalFeature;
use NorthLedger\Core\Features\Faces\FaceFeature;
use NorthLedger\Core\Features\Heads\ValveFeature;
use NorthLedger\Core\Features\Housings\HousingFeature;
use NorthLedger\Core\Features\Rods\RodFeature;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Every part beside the bores as it is: sound but for its wear, and no two places of it quite the same (PRAC-2). */
final readonly class SimulatedParts
{
    /** How parts are made today. Those that were made before stay what they were. */
    public const GENERATION = 1;

    /** Nothing that was ground or faced is the same everywhere. */
    private const GROUND_NM = [-1_000, 1_000];

    private const FACED_NM = [0, 8_000];

    /** Nothing that is straight is quite straight. */
    private const STRAIGHT_NM = [0, 4_000];

    private const PISTON_AT_TOP_NM = [-8_000, 8_000];

    /** In steps of what a scale shows. */
    private const CAST_STEPS = [-3, 3];

    private const A_STEP_UG = 100_000;

    private const CAST_MM3 = [-300, 300];

    /**
     * @param  array<string, int|string>  $worn  What is there instead of what is sound, by place key: nanometres, or a look
     */
    public function __construct(
        private SpecificationSheet $sheet,
        public array $worn,
        private int $seed,
        private int $generation = self::GENERATION,
    ) {
    }

    /** What is really there; null where nobody would read anything. */
    public function value(Characteristic $one): int|float|string|null
    {
        $sound = (new SoundParts($this->sheet))->value($one);

        return $this->worn[$one->place->key] ?? (is_string($sound) || $sound === null ? $sound : $sound + $this->unevenness($one->place));
    }

    /**
     * The same with other wear.
     *
     * @param  array<string, int|string>  $worn  By place key
     */
    public function with(array $worn): self
    {
        return new self($this->sheet, $worn, $this->seed, $this->generation);
    }

    private function unevenness(Place $place): int
    {
        $range = self::range($place->feature) ?? ($this->generation === 0 ? null : self::rangeSince($place->feature));
        if ($range === null) {
            return 0;
        }
        $drawn = (new Randomizer(new Mt19937($this->seed + (crc32($place->key) >> 1))))->getInt(...$range);

        return $place->feature->measurand() === Measurand::Mass ? $drawn * self::A_STEP_UG : $drawn;
    }

    /** @return ?array{int, int} The least and the most; null where it is what it should be */
    private static function range(Feature $feature): ?array
    {
        return match ($feature) {
            JournalFeature::Main, JournalFeature::Pin => self::GROUND_NM,
            FaceFeature::DeckPoint, FaceFeature::HeadPoint => self::FACED_NM,
            default => null,
        };
    }

    /** @return ?array{int, int} Of what came with the first generation */
    private static function rangeSince(Feature $feature): ?array
    {
        return match (true) {
            $feature->measurand() === Measurand::Mass => self::CAST_STEPS,
            $feature->measurand() === Measurand::Volume => self::CAST_MM3,
            $feature === FaceFeature::PistonToDeck => self::PISTON_AT_TOP_NM,
            in_array($feature, [ValveFeature::Guide, ValveFeature::Stem, ValveFeature::SeatWidth, ValveFeature::GuideHeight], true)
                => self::GROUND_NM,
            in_array(
                $feature,
                [
                    JournalFeature::RunOut,
                    JournalFeature::SnoutRunOut,
                    HousingFeature::Offset,
                    CamshaftFeature::Offset,
                    RodFeature::Bend,
                    RodFeature::Twist,
                    ValveFeature::SeatRunOut,
                ],
                true,
            )
                => self::STRAIGHT_NM,
            default => null,
        };
    }
}
