<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Mass;

/**
 * Which parts go together so that the cylinders weigh the same, and, where two rods share a crankpin, first that the
 * crankpins do (BAL-1). Exact where the ways can be counted through; beyond that by exchange from many beginnings.
 */
final readonly class BalanceMatch
{
    private const MOST_WAYS_ONE_ROD = 4_000_000;

    private const MOST_WAYS_TWO_RODS = 12_000_000;

    /**
     * @param  array<string, list<int>>  $parts  By kind: which part goes into each cylinder, by its place in the given list
     * @param  list<array{int, int}>  $pairs  Cylinders that share a crankpin, by their place; empty with one rod on a pin
     */
    private function __construct(public array $parts, public array $pairs, public Mass $cylinderSpread, public ?Mass $crankpinSpread)
    {
    }

    /**
     * @param  array<string, list<Mass>>  $kinds  The parts of each kind, as many as there are cylinders
     * @param  1|2  $rodsPerPin
     *
     * @throws PlanningException If there are no parts, or not as many of each kind, or cylinders that cannot be paired
     */
    public static function of(array $kinds, int $rodsPerPin): self
    {
        $counts = array_unique(array_map(count(...), array_values($kinds)));
        $cylinders = $counts[0] ?? 0;
        match (true) {
            $kinds === [] || $cylinders === 0 => throw PlanningException::tooFew('parts', 0, 1),
            count($counts) > 1 => throw PlanningException::unequalCounts(),
            $rodsPerPin === 2 && $cylinders % 2 !== 0 => throw PlanningException::impossible(
                'paired_cylinders',
                $cylinders,
            ),
            default => null,
        };
        $masses = array_map(
            static fn (array $parts): array => array_map(static fn (Mass $mass): int => $mass->micrograms, $parts),
            array_values($kinds),
        );
        $goal = new BalanceGoal($rodsPerPin === 2);
        $search = self::isCountable($cylinders, count($kinds), $rodsPerPin) ? new ExhaustiveBalance($goal) : new ExchangeBalance($goal);
        $orders = $search->best($masses);
        $sums = BalanceGoal::sums($masses, $orders);

        return new self(
            array_combine(array_keys($kinds), $orders),
            $rodsPerPin === 2 ? BalanceGoal::pairs($sums) : [],
            Mass::ofMicrograms(max($sums) - min($sums)),
            $rodsPerPin === 2 ? Mass::ofMicrograms(BalanceGoal::crankpinSpread($sums)) : null,
        );
    }

    private static function isCountable(int $cylinders, int $kinds, int $rodsPerPin): bool
    {
        $orders = (float) array_product(range(1, $cylinders));

        return $rodsPerPin === 1
            ? $orders ** max(0, $kinds - 2) <= self::MOST_WAYS_ONE_ROD
            : $orders ** ($kinds - 1) <= self::MOST_WAYS_TWO_RODS / self::pairings($cylinders);
    }

    private static function pairings(int $cylinders): float
    {
        return $cylinders < 2 ? 1.0 : (float) array_product(range(1, $cylinders - 1, 2));
    }
}
