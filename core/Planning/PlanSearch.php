<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/**
 * Walks through every combination of choices, and tells the allowed from the forbidden (PLAN-2, PLAN-3). Choices that no best plan can hold
 * are
 * not walked; another one, which forbids and is forbidden in just the same plans, stands for them in the count.
 */
final class PlanSearch
{
    /** How many plans are allowed. */
    public int $count = 0;

    /** @var list<PlanFigures> Those among which every best one is, in the order of their choices */
    public array $allowed = [];

    /** @var array<string, list<PlanObstacle>> By bore and cuts: few of them differ */
    private array $known = [];

    /** @var array<string, list<Exclusion>> By part */
    private array $exclusions = [];

    /** @var list<list<WeighedChoice>> By part */
    private array $tried = [];

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
        foreach ($parts as $part) {
            $this->tried[] = WeighedChoice::ofPart($part, $this->exclusions[$part->code] ?? []);
        }
    }

    /** Finds the allowed plans; what is excluded is not walked to its end. */
    public function run(): void
    {
        [$this->count, $this->allowed] = [0, []];
        $this->walk(0, $this->nothing(), false, 1, function (PlanFigures $figures, bool $isExcluded, int $times): void {
            if (! $isExcluded && $this->outOfBounds($figures) === []) {
                $this->allowed[] = $figures;
                $this->count += $times;
            }
        });
    }

    /** @return array<string, int> In how many plans each obstacle holds, by obstacle; one may hold beside another */
    public function forbidden(): array
    {
        $forbidden = [];
        $count = function (PlanFigures $figures, bool $isExcluded, int $times) use (&$forbidden): void {
            foreach ([...$isExcluded ? [PlanObstacle::NotTogether] : [], ...$this->outOfBounds($figures)] as $obstacle) {
                $forbidden[$obstacle->value] = ($forbidden[$obstacle->value] ?? 0) + $times;
            }
        };
        $this->walk(0, $this->nothing(), false, 1, $count, true);

        return $forbidden;
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

    private function nothing(): PlanFigures
    {
        return PlanFigures::ofNothing(array_keys($this->bounds));
    }

    /**
     * @param  int  $times  How many plans it stands for
     * @param  callable(PlanFigures, bool, int): void  $visit  Of every plan: whether it is excluded, and how many it stands for
     */
    private function walk(int $depth, PlanFigures $soFar, bool $isExcluded, int $times, callable $visit, bool $excludedToo = false): void
    {
        $part = $this->parts[$depth] ?? null;
        if ($part === null) {
            $visit($soFar, $isExcluded, $times);

            return;
        }
        foreach ($this->tried[$depth] as $tried) {
            $with = $soFar->with($part, $tried->choice);
            $excluded = $isExcluded || $this->excludes($part, $with->codes);
            if (! $excluded || $excludedToo) {
                $this->walk($depth + 1, $with, $excluded, $times * $tried->times, $visit, $excludedToo);
            }
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
