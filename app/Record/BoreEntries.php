<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\EntryKind;
use App\Storage\JobObservations;
use App\Storage\KeyedReading;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreFeature;
use NorthLedger\Core\Features\Bores\BoreInspection;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BorePlace;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\FinishLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Features\Cracks\Look;
use NorthLedger\Core\Features\Receiving\Usage;
use NorthLedger\Core\Features\Weights\WeightFeature;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Record\WallReading;
use NorthLedger\Core\Record\WallSurvey;
use NorthLedger\Core\Verification\RingGap;

/** What was keyed of the bores of a sheet, cylinder by cylinder. */
final readonly class BoreEntries
{
    /**
     * @param  array<int, int>  $assigned  The piston that goes into a cylinder, where it is another one than came out of it
     * @param  array<int, ?Length>  $conceded  How deep the pits go that the customer accepts, by cylinder; null where that was not measured
     */
    public function __construct(private SheetEntries $entries, private array $assigned, private array $conceded)
    {
    }

    public function inspection(int $cylinder, SpecificationSheet $sheet, ShopPolicy $policy): BoreInspection
    {
        $readings = [];
        foreach ($this->entries->places->measuredOf($cylinder) as $place) {
            $reading =
                $place->feature === BoreFeature::Bore && ! $this->entries->isSuspect($place)
                    ? $this->entries->reading($place, $sheet, $policy)
                    : null;
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }

        $piston = BorePlace::piston($this->pistonOf($cylinder));

        return BoreInspection::of(
            $cylinder,
            $readings,
            $this->entries->isSuspect($piston) ? null : $this->entries->reading($piston, $sheet, $policy),
            $this->looks($cylinder),
            $this->wall($cylinder),
        );
    }

    /** What is known of a cylinder's wall beside its diameters. */
    public function wall(int $cylinder): WallSurvey
    {
        $traced = $thicknesses = [];
        foreach ($this->entries->places->wallOf($cylinder) as $place) {
            $reading = new WallReading((int) $place->degrees, $place->station, $this->entries->length($place) ?? Length::zero());
            match ($place->feature) {
                BoreFeature::Trace => ($traced[] = $reading),
                BoreFeature::Wall => ($thicknesses[] = $reading),
                default => null,
            };
        }

        return new WallSurvey($traced, $thicknesses, $this->entries->length(BorePlace::look(BoreFeature::PitDepth, $cylinder)));
    }

    /** @return array<int, SeenCrack> Cracks and holes that were keyed as a look, by cylinder: each stands on the crack map as well */
    public function cracksSeen(SpecificationSheet $sheet): array
    {
        $seen = [];
        foreach ($sheet->faces() as $face) {
            $showsBores = in_array(CrackZone::BoreWall, $face->zones(), true) && $face->part() !== EnginePart::Crankshaft;
            $cylinders = $showsBores ? $face->cylindersOf($sheet->layout) : [];
            foreach ($cylinders as $index => $cylinder) {
                $newest = $this->entries->at(BorePlace::look(BoreFeature::Crack, $cylinder))->newest();
                $look = match (CrackLook::tryFrom($newest->look ?? '')) {
                    CrackLook::Crack => Look::SharpLine,
                    CrackLook::Hole => Look::Hole,
                    default => null,
                };
                if ($newest !== null && $look !== null) {
                    $seen[$cylinder] ??= new SeenCrack($newest->ulid, $look, $face, [
                        intdiv((2 * $index + 1) * PronePlace::SIDE, 2 * count($cylinders)),
                        intdiv(PronePlace::SIDE, 2),
                    ]);
                }
            }
        }

        return $seen;
    }

    /** The number of the piston that goes into a cylinder. */
    public function pistonOf(int $cylinder): int
    {
        return $this->assigned[$cylinder] ?? $cylinder;
    }

    /** The mean weight of a cylinder's piston, in micrograms; null where it was not weighed. */
    public function pistonWeight(int $cylinder): ?int
    {
        $masses = array_map(
            static fn (KeyedReading $row): int => (int) $row->micrograms,
            $this->entries->at(Place::at(WeightFeature::PistonWeight, $cylinder))->current(),
        );

        return $masses === [] ? null : Length::divideRounded(array_sum($masses), count($masses));
    }

    /** @return array<string, Conditions> By place key, of the bore readings of a cylinder */
    public function conditions(int $cylinder): array
    {
        $conditions = [];
        foreach ($this->entries->places->measuredOf($cylinder) as $key => $place) {
            $setup = $this->entries->gauges->setups[(int) $this->entries->at($place)->newest()?->setupId] ?? null;
            if ($place->feature === BoreFeature::Bore && $setup !== null) {
                $conditions[$key] = $setup->conditions;
            }
        }

        return $conditions;
    }

    /** @return list<RingGap> Of the rings that were felt in a bore, from the top */
    public function ringGaps(int $cylinder, SpecificationSheet $sheet, ?Usage $use): array
    {
        $gaps = [];
        foreach ($sheet->rings as $index => $ring) {
            $gap = $this->entries->length(BorePlace::ringGap($cylinder, $index + 1));
            if ($gap !== null) {
                $gaps[] = new RingGap($ring->name, $gap, $ring->gapFor($use?->value));
            }
        }

        return $gaps;
    }

    /** @return array<int, int> Pistons that go into another cylinder than they came out of */
    public static function assigned(JobObservations $observations): array
    {
        $newest = $observations->newest(EntryKind::PistonsAssigned)['pistons'] ?? null;
        $assigned = [];
        foreach ($newest?->list('assigned') ?? [] as $pair) {
            if (is_array($pair) && is_int($pair['cylinder'] ?? null) && is_int($pair['piston'] ?? null)) {
                $assigned[$pair['cylinder']] = $pair['piston'];
            }
        }

        return $assigned;
    }

    private function looks(int $cylinder): BoreLooks
    {
        $look = fn (Place $place): ?string => $this->entries->at($place)->newest()?->look;
        $pitting = $look(BorePlace::look(BoreFeature::Pitting, $cylinder));

        return new BoreLooks(
            CrackLook::tryFrom($look(BorePlace::look(BoreFeature::Crack, $cylinder)) ?? ''),
            RidgeLook::tryFrom($look(BorePlace::ridge($cylinder, Station::Top)) ?? ''),
            RidgeLook::tryFrom($look(BorePlace::ridge($cylinder, Station::Bottom)) ?? ''),
            ScoringLook::tryFrom($look(BorePlace::look(BoreFeature::Scoring, $cylinder)) ?? ''),
            $pitting === null ? null : PittingClass::tryFrom((int) $pitting),
            $this->isConceded($cylinder),
            FinishLook::tryFrom($look(BorePlace::look(BoreFeature::Finish, $cylinder)) ?? ''),
        );
    }

    /** What was accepted are the pits as they were then, and no deeper ones. */
    private function isConceded(int $cylinder): bool
    {
        $depth = $this->entries->length(BorePlace::look(BoreFeature::PitDepth, $cylinder));
        $accepted = $this->conceded[$cylinder] ?? null;

        return array_key_exists($cylinder, $this->conceded) && ($accepted === null || $depth?->isLargerThan($accepted) !== true);
    }
}
