<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;
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
use NorthLedger\Core\Quantity\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A block of known wear and a bore gauge of known error, all from one seed (PRAC-2). What it comes to can be told with the gauge: a block
 * that its doubt could turn over is never made.
 */
final readonly class SimulatedBlock
{
    private const MOST_TRIES = 200;

    /** A ridge is felt from here on, and catches a nail from there on: of the wear at top, thrust. */
    private const RIDGE_FELT_NM = 60_000;

    private const RIDGE_CATCHES_NM = 150_000;

    private const SCORED_ONE_IN = 8;

    /**
     * @param  int  $attempt  Which of the blocks that the seed makes it is: the first that can be told
     * @param  array<int, BoreLooks>  $looks  By cylinder
     */
    private function __construct(
        public SpecificationSheet $sheet,
        public BlockDifficulty $difficulty,
        public int $attempt,
        private SimulatedEngine $engine,
        private array $looks,
        public DriftingGauge $gauge,
    ) {
    }

    /** @throws SimulationException If the family’s limits, pistons or looks leave nothing that could be judged */
    public static function of(SpecificationSheet $sheet, ShopPolicy $policy, BlockDifficulty $difficulty, int $seed): self
    {
        if (! self::isPossible($sheet)) {
            throw SimulationException::nothingToJudge($sheet->name);
        }
        for ($attempt = 0; $attempt < self::MOST_TRIES; $attempt++) {
            $block = self::again($sheet, $difficulty, $seed, $attempt);
            if ($block->fitsTheDial() && $block->canBeToldWithItsGauge($policy)) {
                return $block;
            }
        }

        throw SimulationException::nothingToJudge($sheet->name);
    }

    /** The block that was made before of the same family, seed and attempt: whether it can be told is known. */
    public static function again(SpecificationSheet $sheet, BlockDifficulty $difficulty, int $seed, int $attempt): self
    {
        $chance = new Randomizer(new Mt19937($seed * self::MOST_TRIES + $attempt));
        [$least, $most] = $difficulty->wear()[$chance->getInt(0, count($difficulty->wear()) - 1)];
        $wear = Length::divideRounded(self::allowedWear($sheet) * $chance->getInt($least, $most), 1_000);
        $engine = SimulatedEngine::of($sheet, Length::ofNanometres($wear), $chance);

        return new self(
            $sheet,
            $difficulty,
            $attempt,
            $engine,
            self::looks($sheet, $engine, $difficulty, $chance),
            new DriftingGauge(
                DriftingGauge::kindFor($sheet),
                $sheet->bore->nominal,
                $seed,
                $difficulty === BlockDifficulty::Drifting ? $chance->getInt(...DriftingGauge::HOLDS_FOR) : null,
            ),
        );
    }

    /** The wear at top, thrust, that a typical cylinder can have and stay, in nanometres: what wears out first decides. */
    private static function allowedWear(SpecificationSheet $sheet): int
    {
        [$limits, $piston] = [$sheet->bore->service, $sheet->piston->standard];
        if ($limits->taper === null || $limits->outOfRound === null || $limits->clearance === null || $piston === null) {
            throw SimulationException::nothingToJudge($sheet->name);
        }

        return min(
            $limits->taper->nanometres,
            2 * $limits->outOfRound->nanometres,
            $limits->clearance->minus($sheet->bore->nominal->minus($piston))->nanometres,
        );
    }

    /** True for a family whose limits and pistons are known. */
    public static function isPossible(SpecificationSheet $sheet): bool
    {
        try {
            return self::allowedWear($sheet) > 0;
        } catch (SimulationException) {
            return false;
        }
    }

    public function diameter(Place $place): Length
    {
        return $this->engine->diameter($place);
    }

    public function looksOf(int $cylinder): BoreLooks
    {
        return $this->looks[$cylinder];
    }

    /** @return list<Place> That are read of its bores, by the shop’s school at the most */
    public function places(): array
    {
        $places = [];
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            foreach (Station::JUDGED as $station) {
                foreach (Axis::NEEDED as $axis) {
                    $places[] = BorePlace::bore($cylinder, $station, $axis);
                }
            }
        }

        return $places;
    }

    /** @return list<Place> That are looked at and felt in its bores */
    public function lookedAt(): array
    {
        $places = [];
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            $places[] = BorePlace::ridge($cylinder, Station::Top);
            $places[] = BorePlace::ridge($cylinder, Station::Bottom);
            foreach ([BoreFeature::Scoring, BoreFeature::Pitting, BoreFeature::Crack] as $look) {
                $places[] = BorePlace::look($look, $cylinder);
            }
        }

        return $places;
    }

    /**
     * What readings of it come to, looks and pistons known.
     *
     * @param  array<string, Length>  $read  By place key
     */
    public function judgedBy(ShopPolicy $policy, array $read): BlockAssessment
    {
        return $this->block($policy)->assess(
            array_map(Place::parse(...), array_keys($read)),
            Instrument::ofKind($this->gauge->kind),
            fn (Place $place): int => $read[$place->key]->minus($this->engine->diameter($place))->nanometres,
        );
    }

    /** What it comes to, read everywhere, by a gauge that is never off. */
    public function truth(ShopPolicy $policy): BlockAssessment
    {
        $block = $this->block($policy);

        return $block->assess($block->everyPlace(), self::faultless());
    }

    /** @return non-empty-list<BoreInspection> What it is, for every cylinder */
    public function trueBores(ShopPolicy $policy): array
    {
        $block = $this->block($policy);

        return $block->inspections($block->everyPlace(), self::faultless());
    }

    /** How many readings of the bores settle it, in the proposed order (BORE-5). */
    public function readingsNeeded(ShopPolicy $policy): int
    {
        return ScreeningTrial::of($this->sheet, $policy, $this->engine, $this->looks, $this->gauge->kind)->needed;
    }

    /** @return array<int, BoreLooks> By cylinder */
    private static function looks(
        SpecificationSheet $sheet,
        SimulatedEngine $engine,
        BlockDifficulty $difficulty,
        Randomizer $chance,
    ): array {
        $cylinders = $sheet->layout->cylinders();
        $isScored = $difficulty !== BlockDifficulty::Plain && $chance->getInt(1, self::SCORED_ONE_IN) === 1;
        $scored = $isScored ? $cylinders[$chance->getInt(0, count($cylinders) - 1)] : 0;
        $looks = [];
        foreach ($cylinders as $cylinder) {
            $worn = $engine->diameter(BorePlace::bore($cylinder, Station::Top, Axis::Thrust))->minus($sheet->bore->nominal)->nanometres;
            $looks[$cylinder] = new BoreLooks(
                CrackLook::NoneSeen,
                match (true) {
                    $worn > self::RIDGE_CATCHES_NM => RidgeLook::CatchesNail,
                    $worn > self::RIDGE_FELT_NM => RidgeLook::Felt,
                    default => RidgeLook::None,
                },
                RidgeLook::None,
                match (true) {
                    $cylinder === $scored => ScoringLook::CatchesNail,
                    $chance->getInt(1, self::SCORED_ONE_IN) === 1 => ScoringLook::Hairline,
                    default => ScoringLook::None,
                },
                PittingClass::None,
            );
        }

        return $looks;
    }

    private function fitsTheDial(): bool
    {
        $most = $this->gauge->halfTurn()->nanometres;
        foreach ($this->sheet->layout->cylinders() as $cylinder) {
            foreach (Station::JUDGED as $station) {
                foreach (Axis::cases() as $axis) {
                    $worn = $this->engine->diameter(BorePlace::bore($cylinder, $station, $axis))->minus($this->sheet->bore->nominal);
                    if ($worn->nanometres > $most) {
                        return false;
                    }
                }
            }
        }

        return true;
    }

    /** True where readings that are off by as much as the gauge can be, one way here and the other there, come to the same. */
    private function canBeToldWithItsGauge(ShopPolicy $policy): bool
    {
        $block = $this->block($policy);
        $places = $block->everyPlace();
        $truth = self::outcome($block->assess($places, self::faultless()));
        $doubt = $this->gauge->most()->nanometres;
        $isUp = [
            static fn (Place $place): bool => true,
            static fn (Place $place): bool => $place->station === Station::Top,
            static fn (Place $place): bool => $place->axis === Axis::Thrust,
            static fn (Place $place): bool => ($place->station === Station::Top) === ($place->axis === Axis::Thrust),
            // Where it wears most, alone: form in both directions at once.
            static fn (Place $place): bool => $place->station === Station::Top && $place->axis === Axis::Thrust,
        ];
        foreach ($isUp as $here) {
            foreach ([$doubt, -$doubt] as $most) {
                $off = static fn (Place $place): int => $here($place) ? $most : -$most;
                if (self::outcome($block->assess($places, self::faultless(), $off)) !== $truth) {
                    return false;
                }
            }
        }

        return true;
    }

    private function block(ShopPolicy $policy): ReadBlock
    {
        return new ReadBlock($this->sheet, $policy, $this->engine, $this->looks);
    }

    private static function faultless(): Instrument
    {
        return Instrument::of(Length::zero(), Length::zero(), Length::zero());
    }

    private static function outcome(BlockAssessment $assessment): string
    {
        return ($assessment->canStay->stays() ? 'stays' : 'cut').", {$assessment->recommendation?->option->key()}";
    }
}
