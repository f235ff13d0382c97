<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

/**
 * How even an assignment is (BAL-1): smaller is better, crankpins first where rods share them.
 *
 * @internal
 */
final readonly class BalanceGoal
{
    public function __construct(public bool $pairsCylinders)
    {
    }

    /**
     * @param  list<list<int>>  $masses  By kind
     * @param  list<list<int>>  $orders  By kind: the part in each cylinder
     * @return non-empty-list<int> By cylinder
     */
    public static function sums(array $masses, array $orders): array
    {
        $sums = array_fill(0, max(1, count($masses[0] ?? [])), 0);
        foreach ($orders as $kind => $order) {
            foreach ($order as $cylinder => $part) {
                $sums[$cylinder] += $masses[$kind][$part];
            }
        }

        return array_values($sums);
    }

    /**
     * @param  non-empty-list<int>  $sums
     * @return array{int, int} Crankpin spread (zero where none is shared), then cylinder spread
     */
    public function of(array $sums): array
    {
        return [$this->pairsCylinders ? self::crankpinSpread($sums) : 0, max($sums) - min($sums)];
    }

    /**
     * The heaviest goes with the lightest: that keeps the heaviest pair lightest and the lightest pair heaviest.
     *
     * @param  non-empty-list<int>  $sums
     */
    public static function crankpinSpread(array $sums): int
    {
        sort($sums);
        $pairs = [];
        for ($low = 0, $high = count($sums) - 1; $low < $high; $low++, $high--) {
            $pairs[] = $sums[$low] + $sums[$high];
        }

        return $pairs === [] ? 0 : max($pairs) - min($pairs);
    }

    /**
     * @param  non-empty-list<int>  $sums
     * @return list<array{int, int}>
     */
    public static function pairs(array $sums): array
    {
        asort($sums);
        $sorted = array_keys($sums);
        $pairs = [];
        for ($low = 0, $high = count($sorted) - 1; $low < $high; $low++, $high--) {
            $pairs[] = [min($sorted[$low], $sorted[$high]), max($sorted[$low], $sorted[$high])];
        }
        sort($pairs);

        return $pairs;
    }
}
