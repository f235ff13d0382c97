<?php

declare(strict_types=1);

namespace Tests\Core\Oracles;

/** BAL-1: every way to put a few sets together. */
final class BalanceOracle implements Oracle
{
    public function case(Chance $chance): array
    {
        $count = $chance->int(2, 4);
        $perPin = $count % 2 === 0 ? $chance->of([1, 2]) : 1;
        $lists = [];
        foreach ($chance->some(['pistons_ug', 'pins_ug', 'ring_sets_ug', 'rods_ug'], $chance->int(1, 3)) as $kind) {
            $lists[$kind] = array_map(static fn (): int => 10_000_000 + 100_000 * $chance->int(0, 50), range(1, $count));
        }
        $best = [PHP_INT_MAX, PHP_INT_MAX];
        foreach (self::sums(array_values($lists)) as $sums) {
            $spread = max($sums) - min($sums);
            foreach ($perPin === 1 ? [[0]] : self::pairs($sums) as $pins) {
                $best = min($best, [max($pins) - min($pins), $spread]);
            }
        }

        return [
            'given' => ['task' => 'match', 'rods_per_pin' => $perPin] + $lists,
            'expect' => ['cylinder_spread_ug' => $best[1]] + ($perPin === 2 ? ['crankpin_spread_ug' => $best[0]] : []),
        ];
    }

    /**
     * @param  non-empty-list<list<int>>  $lists
     * @return iterable<list<int>> What the cylinders weigh, in every way of putting the lists together
     */
    private static function sums(array $lists): iterable
    {
        $first = array_shift($lists);
        if ($lists === []) {
            yield $first;

            return;
        }
        foreach (self::sums($lists) as $rest) {
            foreach (self::orders($first) as $order) {
                yield array_map(static fn (int $one, int $other): int => $one + $other, $rest, $order);
            }
        }
    }

    /**
     * @param  list<int>  $items
     * @return iterable<list<int>>
     */
    private static function orders(array $items): iterable
    {
        if ($items === []) {
            yield [];
        }
        foreach ($items as $index => $first) {
            $rest = $items;
            unset($rest[$index]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param  list<int>  $sums
     * @return iterable<list<int>> What the crankpins carry, in every way of pairing
     */
    private static function pairs(array $sums): iterable
    {
        if ($sums === []) {
            yield [];

            return;
        }
        $first = array_shift($sums);
        foreach ($sums as $index => $other) {
            $rest = $sums;
            unset($rest[$index]);
            foreach (self::pairs(array_values($rest)) as $pins) {
                yield [$first + $other, ...$pins];
            }
        }
    }
}
