<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** Walks through every combination of choices, and tells the allowed from the forbidden (PLAN-2). */
final class PlanSearch
{
    /** @var list<PlanFigures> In the order of their choices */
    public array $allowed = [];

    /** @var array<string, int> In how many each obstacle holds, by obstacle */
    public array $forbidden = [];

    /** @var array<string, list<PlanObstacle>> By bore and cuts: few of them differ */
    private array $known = [];

    /** @var array<string, list<Exclusion>> By part */
    private array $exclusions = [];

    /**
     * @param  list<PlannedPart>  $parts
     * @param  list<Exclusion>  $exclusions
     * @param  array<int, BankBounds>  $bounds  By bank
     *
     * @throws PlanningException If an exclusion names what is not there
     */
    public function __construct(private readonly array $parts, array $exclusions, private readonly array $bounds)
    {
        $codes = array_column(array_map(static fn (PlannedPart $part): array => [$part->code, array_keys($part->choices)], $parts), 1, 0);
        foreach ($exclusions as $exclusion) {
            foreach ([[$exclusion->part, $exclusion->choice], [$exclusion->otherPart, $exclusion->otherChoice]] as [$part, $choice]) {
                in_array($choice, $codes[$part] ?? [], true) || throw PlanningException::noSuchChoice($part, $choice);
                $this->exclusions[$part][] = $exclusion;
            }
        }
    }

    public function run(): void
    {
        [$this->allowed, $this->forbidden] = [[], []];
        $this->walk(0, PlanFigures::ofNothing(array_keys($this->bounds)), false);
    }

    /** @return list<PlanObstacle> Of a plan with all its choices made */
    public function obstaclesTo(PlanFigures $figures): array
    {
        $together = array_filter(
            array_merge([], ...array_values($this->exclusions)),
            static fn (Exclusion $one): bool => self::holds($one, $figures->codes),
        );

        return [...$together === [] ? [] : [PlanObstacle::NotTogether], ...$this->outOfBounds($figures)];
    }

    private function walk(int $depth, PlanFigures $soFar, bool $isExcluded): void
    {
        $part = $this->parts[$depth] ?? null;
        if ($part === null) {
            $this->count($soFar, $isExcluded);

            return;
        }
        foreach ($part->choices as $choice) {
            $with = $soFar->with($part, $choice);
            $this->walk($depth + 1, $with, $isExcluded || $this->excludes($part, $with->codes));
        }
    }

    private function count(PlanFigures $figures, bool $isExcluded): void
    {
        $obstacles = $this->outOfBounds($figures);
        if ($isExcluded) {
            $obstacles[] = PlanObstacle::NotTogether;
        }
        foreach ($obstacles as $obstacle) {
            $this->forbidden[$obstacle->value] = ($this->forbidden[$obstacle->value] ?? 0) + 1;
        }
        if ($obstacles === []) {
            $this->allowed[] = $figures;
        }
    }

    /** @param  array<string, string>  $codes */
    private function excludes(PlannedPart $part, array $codes): bool
    {
        foreach ($this->exclusions[$part->code] ?? [] as $exclusion) {
            if (self::holds($exclusion, $codes)) {
                return true;
            }
        }

        return false;
    }

    /** @param  array<string, string>  $codes */
    private static function holds(Exclusion $exclusion, array $codes): bool
    {
        return ($codes[$exclusion->part] ?? null) === $exclusion->choice &&
            ($codes[$exclusion->otherPart] ?? null) === $exclusion->otherChoice;
    }

    /** @return list<PlanObstacle> Each once, whatever the number of banks it holds in */
    private function outOfBounds(PlanFigures $figures): array
    {
        $key = "{$figures->bore} ".implode(' ', $figures->deckCuts).' '.implode(' ', $figures->headCuts);
        if (! isset($this->known[$key])) {
            $obstacles = [];
            foreach ($this->bounds as $bank => $bounds) {
                $ofBank = $bounds->obstaclesTo(
                    $figures->bore === null ? null : Length::ofNanometres($figures->bore),
                    Length::ofNanometres($figures->deckCuts[$bank]),
                    Length::ofNanometres($figures->headCuts[$bank]),
                );
                foreach ($ofBank as $obstacle) {
                    $obstacles[$obstacle->value] = $obstacle;
                }
            }
            $this->known[$key] = array_values($obstacles);
        }

        return $this->known[$key];
    }
}
