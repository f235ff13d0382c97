<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Gauging\Feature;
use NorthLedger\Core\Gauging\Place;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\MassNotation;

/** The rods on the scale: which is the odd one, and what comes off which end of it (ROD-3). */
final readonly class RodWeights
{
    private const ENDS = ['big end' => Feature::BigEndMass, 'small end' => Feature::SmallEndMass];

    /**
     * @param  array<int, array{'big end': int, 'small end': int}>  $ends  In micrograms by rod
     * @param  ?int  $spread  Heaviest less lightest, in micrograms; null until every end is weighed
     * @param  list<Place>  $extremes  Of the heaviest and the lightest rod
     * @param  list<Place>  $missing
     */
    private function __construct(private array $ends, public ?int $spread, public array $extremes, public array $missing)
    {
    }

    /** @param  list<int>  $rods */
    public static function of(array $rods, Measurements $measurements): self
    {
        $ends = $missing = [];
        foreach ($rods as $rod) {
            $big = $measurements->value(Place::at(Feature::BigEndMass, $rod));
            $small = $measurements->value(Place::at(Feature::SmallEndMass, $rod));
            if ($big === null || $small === null) {
                $missing = [...$missing, ...$measurements->missing([Place::at(Feature::BigEndMass, $rod), Place::at(Feature::SmallEndMass, $rod)])];
            } else {
                $ends[$rod] = ['big end' => (int) $big, 'small end' => (int) $small];
            }
        }
        $totals = array_map(array_sum(...), $ends);
        if ($missing !== [] || $totals === []) {
            return new self($ends, null, [], $missing);
        }
        $extremes = [array_search(max($totals), $totals, true), array_search(min($totals), $totals, true)];

        return new self($ends, max($totals) - min($totals), array_merge([], ...array_map(static fn (int|false $rod): array => [Place::at(Feature::BigEndMass, (int) $rod), Place::at(Feature::SmallEndMass, (int) $rod)], $extremes)), []);
    }

    /** The rod whose weight is farthest from the middle one; null while not all are weighed. */
    public function oddOne(): ?int
    {
        if ($this->spread === null) {
            return null;
        }
        $totals = array_map(array_sum(...), $this->ends);
        $sorted = array_values($totals);
        sort($sorted);
        $middle = $sorted[intdiv(count($sorted), 2)];
        uasort($totals, static fn (int $a, int $b): int => abs($b - $middle) <=> abs($a - $middle));

        return (int) array_key_first($totals);
    }

    /**
     * Every end that is heavier than the lightest by more than keeps the set inside its spread comes down to it; a single
     * light rod is cheaper replaced than all the others lightened, and it says so.
     *
     * @return list<PlannedWork>
     */
    public function works(Mass $allowed): array
    {
        $odd = $this->oddOne();
        if ($odd === null || $this->spread === null || $this->spread <= $allowed->micrograms) {
            return [];
        }
        $totals = array_map(array_sum(...), $this->ends);
        if ($totals[$odd] === self::least($totals) && $this->spreadWithout($odd) <= $allowed->micrograms) {
            return [PlannedWork::of('ROD-3', "Rod {$odd}", WorkKind::Replace, said: 'It is '.MassNotation::grams($this->secondLightest($odd) - $totals[$odd]).' g lighter than any other: find one that matches, or take that much off all the others.')];
        }
        $works = [];
        foreach ($this->ends as $rod => $ends) {
            $over = $totals[$rod] - self::least($totals) - $allowed->micrograms;
            if ($over > 0) {
                $works[] = PlannedWork::of('ROD-3', "Rod {$rod}", WorkKind::Balance, said: implode(' and ', $this->shares($ends)).'.');
            }
        }

        return $works;
    }

    /**
     * What each end is heavier than the lightest of its kind.
     *
     * @param  array{'big end': int, 'small end': int}  $ends
     * @return list<string>
     */
    private function shares(array $ends): array
    {
        $shares = [];
        foreach (array_keys(self::ENDS) as $end) {
            $over = $ends[$end] - self::least(array_column($this->ends, $end));
            if ($over > 0) {
                $shares[] = MassNotation::grams($over)." g off the {$end}";
            }
        }

        return $shares;
    }

    private function spreadWithout(int $odd): int
    {
        $totals = array_map(array_sum(...), $this->ends);
        unset($totals[$odd]);

        return $totals === [] ? 0 : max($totals) - min($totals);
    }

    private function secondLightest(int $odd): int
    {
        $totals = array_map(array_sum(...), $this->ends);
        unset($totals[$odd]);

        return self::least($totals);
    }

    /** @param  array<int>  $masses */
    private static function least(array $masses): int
    {
        return $masses === [] ? 0 : min($masses);
    }
}
