<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Gauging\Temperatures;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/**
 * Reads a simulated engine in the proposed order until nothing more can change the verdict, and once more in full:
 * how many readings that saved, and whether it came to the same verdict and the same way (BORE-5).
 */
final readonly class ScreeningTrial
{
    private function __construct(public int $needed, public int $full, public bool $agrees)
    {
    }

    public static function of(SpecificationSheet $sheet, ShopPolicy $policy, SimulatedEngine $engine): self
    {
        $read = [];
        $assessment = self::assess($sheet, $policy, $engine, $read);
        while ($assessment->next->place !== null && $assessment->next->place->feature === BoreFeature::Bore) {
            $read[] = $assessment->next->place;
            $assessment = self::assess($sheet, $policy, $engine, $read);
        }
        $places = self::everyPlace($sheet, $policy);
        $whole = self::assess($sheet, $policy, $engine, $places);

        return new self(
            count($read),
            count($places),
            $assessment->next->place === null && self::outcome($assessment) === self::outcome($whole),
        );
    }

    /** @param  list<Place>  $read */
    private static function assess(SpecificationSheet $sheet, ShopPolicy $policy, SimulatedEngine $engine, array $read): BlockAssessment
    {
        $at20 = Temperatures::of(11.0, 11.5, 20.0, 20.0);
        $byCylinder = [];
        foreach ($read as $place) {
            $byCylinder[$place->number][] = Reading::of(
                $place,
                [$engine->diameter($place)],
                Instrument::ofKind(InstrumentKind::BoreGaugeTenth),
                $at20,
            );
        }
        $looks = new BoreLooks(CrackLook::NoneSeen, RidgeLook::Felt, RidgeLook::None, ScoringLook::None, PittingClass::None);
        $piston = $sheet->piston->standard ?? throw new \LogicException('A trial needs a family whose pistons are known.');

        return BlockAssessment::of(
            $sheet,
            $policy,
            array_map(
                static fn (int $cylinder): BoreInspection => BoreInspection::of(
                    $cylinder,
                    $byCylinder[$cylinder] ?? [],
                    Reading::of(BorePlace::piston($cylinder), [$piston], Instrument::ofKind(InstrumentKind::OutsideMicrometer), $at20),
                    $looks,
                ),
                $sheet->layout->cylinders(),
            ),
            Length::zero(),
        );
    }

    /** @return list<Place> By the shop's school: six or four of each bore */
    private static function everyPlace(SpecificationSheet $sheet, ShopPolicy $policy): array
    {
        $places = [];
        foreach ($sheet->layout->cylinders() as $cylinder) {
            foreach ($policy->readingsPerBore->stations() as $station) {
                foreach (Axis::NEEDED as $axis) {
                    $places[] = BorePlace::bore($cylinder, $station, $axis);
                }
            }
        }

        return $places;
    }

    private static function outcome(BlockAssessment $assessment): string
    {
        $recommended = $assessment->recommendation;

        return implode(', ', [$assessment->canStay->value, $recommended?->option->key(), $recommended?->stake?->ifHolds->key()]);
    }
}
