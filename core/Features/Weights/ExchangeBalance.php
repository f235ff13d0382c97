<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Begins from many shuffles and exchanges two parts of a kind as long as that helps. The shuffles are always the same
 * ones, so that the same masses give the same answer.
 *
 * @internal
 */
final readonly class ExchangeBalance implements BalanceSearch
{
    private const BEGINNINGS = 80;

    private const SEED = 198;

    public function __construct(private BalanceGoal $goal)
    {
    }

    public function best(array $masses): array
    {
        $chance = new Randomizer(new Mt19937(self::SEED));
        $best = null;
        $bestValue = [PHP_INT_MAX, PHP_INT_MAX];
        for ($beginning = 0; $beginning < self::BEGINNINGS && $bestValue !== [0, 0]; $beginning++) {
            $orders = array_map(
                static fn (array $parts): array => array_map(intval(...), $chance->shuffleArray(array_keys($parts))),
                $masses,
            );
            [$orders, $value] = $this->improved($masses, $orders);
            if ($value < $bestValue) {
                [$best, $bestValue] = [$orders, $value];
            }
        }

        return $best ?? array_map(array_keys(...), $masses);
    }

    /**
     * @param  non-empty-list<list<int>>  $masses
     * @param  non-empty-list<list<int>>  $orders
     * @return array{non-empty-list<list<int>>, array{int, int}}
     */
    private function improved(array $masses, array $orders): array
    {
        $sums = BalanceGoal::sums($masses, $orders);
        $value = $this->measure($sums);
        do {
            $isBetter = false;
            foreach ($orders as $kind => $order) {
                for ($a = 0; $a < count($order) - 1; $a++) {
                    for ($b = $a + 1; $b < count($order); $b++) {
                        $difference = $masses[$kind][$orders[$kind][$b]] - $masses[$kind][$orders[$kind][$a]];
                        $with = $sums;
                        $with[$a] += $difference;
                        $with[$b] -= $difference;
                        $changed = $this->measure(array_values($with));
                        if ($changed < $value) {
                            [$orders[$kind][$a], $orders[$kind][$b]] = [$orders[$kind][$b], $orders[$kind][$a]];
                            [$sums, $value, $isBetter] = [array_values($with), $changed, true];
                        }
                    }
                }
            }
        } while ($isBetter);

        return [$orders, [$value[0], $value[1]]];
    }

    /**
     * The goal, and below it how far the sums are from their mean in all: it leads out of places where no single
     * exchange changes the heaviest and the lightest.
     *
     * @param  non-empty-list<int>  $sums
     * @return array{int, int, float}
     */
    private function measure(array $sums): array
    {
        $mean = array_sum($sums) / count($sums);

        return [...$this->goal->of($sums), array_sum(array_map(static fn (int $sum): float => ($sum - $mean) ** 2, $sums))];
    }
}
