<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Inspection\Characteristic;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Makes a whole engine of one seed (PRAC-2): its block, some parts that are worn far enough past a limit that any gauge fit for
 * them tells it, and perhaps a line that shows in the crack check.
 */
final readonly class EngineMaker
{
    private const MOST_TRIES = 20;

    /** Steps of wear that are tried, the smallest first, until a limit is passed. */
    private const STEPS = [1, 2, 3, 4, 6, 8, 12, 16, 24, 32, 48, 64, 96];

    private const STEP_NM = 10_000;

    /** How far past the step that first failed it is worn, in thousandths. */
    private const PAST = 1_500;

    /** What the other places of the same journal or guide are worn, in thousandths of the worst. */
    private const BESIDE = [500, 800];

    private const SHOWS_ONE_IN = 2;

    private const IS_A_CRACK_ONE_IN = 2;

    public function __construct(private SpecificationSheet $sheet, private ShopPolicy $policy)
    {
    }

    /** @throws SimulationException If the family’s limits, pistons or looks leave nothing that could be judged */
    public function make(BlockDifficulty $difficulty, int $seed): WholeEngine
    {
        $block = SimulatedBlock::of($this->sheet, $this->policy, $difficulty, $seed);
        for ($attempt = 0; $attempt < self::MOST_TRIES; $attempt++) {
            $engine = $this->again($block, $difficulty, $seed, new Randomizer(new Mt19937($seed * self::MOST_TRIES + $attempt)));
            if ($engine->isTold()) {
                return $engine;
            }
        }

        throw SimulationException::nothingToJudge($this->sheet->name);
    }

    private function again(SimulatedBlock $block, BlockDifficulty $difficulty, int $seed, Randomizer $chance): WholeEngine
    {
        $worn = [];
        $wanted = $difficulty === BlockDifficulty::Plain ? 1 : $chance->getInt(1, 3);
        foreach ($chance->shuffleArray(PartWear::cases()) as $wear) {
            if ($wanted === 0) {
                break;
            }
            $places = $this->worn($wear, $block, $chance);
            $wanted -= $places === [] ? 0 : 1;
            $worn += $places;
        }

        return new WholeEngine($this->sheet, $this->policy, $block, new SimulatedParts($this->sheet, $worn, $seed), $this->sight($chance));
    }

    /** @return array<string, int|string> By place key; none where this family has no such place or no limit for it */
    private function worn(PartWear $wear, SimulatedBlock $block, Randomizer $chance): array
    {
        $all = array_values(
            array_filter(
                InspectionPlan::of($wear->section(), $this->sheet)->walk(),
                static fn (Characteristic $one): bool => $one->place->feature === $wear->feature(),
            ),
        );
        if ($all === []) {
            return [];
        }
        $worst = $all[$chance->getInt(0, count($all) - 1)];
        if ($wear->feature()->measurand() === Measurand::Look) {
            $looks = $wear->feature()->looks();

            return $this->ifItFails($wear, $block, [$worst->place->key => $looks[$chance->getInt(1, count($looks) - 1)]]);
        }
        $shares = [];
        foreach ($all as $one) {
            $isBeside = $wear->isOfTheWholeNumber() && $one->place->number === $worst->place->number;
            if ($one === $worst || $isBeside) {
                $shares[$one->place->key] = [$one, $one === $worst ? 1_000 : $chance->getInt(...self::BESIDE)];
            }
        }
        foreach (self::STEPS as $step) {
            if ($this->ifItFails($wear, $block, $this->wornBy($wear, $shares, $step * 1_000)) !== []) {
                return $this->ifItFails($wear, $block, $this->wornBy($wear, $shares, $step * self::PAST));
            }
        }

        return [];
    }

    /**
     * @param  array<string, array{Characteristic, int}>  $shares  Places with what of the wear they have, in thousandths
     * @param  int  $thousandths  Of a step
     * @return array<string, int>
     */
    private function wornBy(PartWear $wear, array $shares, int $thousandths): array
    {
        $sound = new SoundParts($this->sheet);
        $worn = [];
        foreach ($shares as $key => [$one, $share]) {
            $by = intdiv(intdiv(self::STEP_NM * $thousandths, 1_000) * $share, 1_000);
            $value = $sound->value($one);
            if (is_int($value)) {
                $worn[$key] = $value + $wear->direction() * $by;
            }
        }

        return $worn;
    }

    /**
     * @param  array<string, int|string>  $worn
     * @return array<string, int|string> The same where its section is out with it; none where it still passes
     */
    private function ifItFails(PartWear $wear, SimulatedBlock $block, array $worn): array
    {
        $parts = new SimulatedParts($this->sheet, $worn, 0);
        $findings = (new WholeEngine($this->sheet, $this->policy, $block, $parts, null))->truth()->judged($wear->section())->findings;

        return array_filter($findings, static fn (Finding $finding): bool => $finding->outcome === Outcome::Fail) === [] ? [] : $worn;
    }

    private function sight(Randomizer $chance): ?CrackSight
    {
        $places = array_map(static fn (PronePlace $prone): int => $prone->number, $this->sheet->pronePlaces);
        if ($places === [] || $chance->getInt(1, self::SHOWS_ONE_IN) !== 1) {
            return null;
        }

        return CrackSight::at(
            $this->sheet,
            $places[$chance->getInt(0, count($places) - 1)],
            $chance->getInt(1, self::IS_A_CRACK_ONE_IN) === 1,
        );
    }
}
