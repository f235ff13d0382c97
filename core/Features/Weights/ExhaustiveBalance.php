<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Weights;

/**
 * Counts every way through. The first kind stays in its order, since cylinders have no names here; with one rod on a
 * pin the last kind is best put heaviest to lightest, and need not be counted.
 *
 * @internal
 */
final class ExhaustiveBalance implements BalanceSearch
{
    /** @var array{int, int} */
    private array $best = [PHP_INT_MAX, PHP_INT_MAX];

    /** @var list<list<int>> */
    private array $bestOrders = [];

    public function __construct(private readonly BalanceGoal $goal)
    {
    }

    public function best(array $masses): array
    {
        $own = array_keys($masses[0]);
        $this->best = [PHP_INT_MAX, PHP_INT_MAX];
        $this->bestOrders = [];
        $this->place($masses, 1, $masses[0], [$own]);

        return $this->bestOrders === [] ? [$own] : $this->bestOrders;
    }

    /**
     * @param  non-empty-list<list<int>>  $masses
     * @param  list<int>  $sums  Of the kinds placed so far, by cylinder
     * @param  list<list<int>>  $orders
     */
    private function place(array $masses, int $kind, array $sums, array $orders): void
    {
        if ($kind === count($masses)) {
            $this->offer($sums, $orders);
        } elseif ($kind === count($masses) - 1 && ! $this->goal->pairsCylinders) {
            $order = self::heaviestToLightest($masses[$kind], $sums);
            $this->offer(self::added($sums, $masses[$kind], $order), [...$orders, $order]);
        } else {
            $this->permute($masses, $kind, $sums, $orders, [], array_keys($masses[$kind]));
        }
    }

    /**
     * @param  non-empty-list<list<int>>  $masses
     * @param  list<int>  $sums
     * @param  list<list<int>>  $orders
     * @param  list<int>  $order  Parts placed so far
     * @param  list<int>  $left
     */
    private function permute(array $masses, int $kind, array $sums, array $orders, array $order, array $left): void
    {
        if ($this->best === [0, 0]) {
            return;
        }
        if ($left === []) {
            $this->place($masses, $kind + 1, $sums, [...$orders, $order]);

            return;
        }
        $tried = [];
        foreach ($left as $index => $part) {
            $mass = $masses[$kind][$part];
            // Two parts of one mass are the same part.
            if (isset($tried[$mass])) {
                continue;
            }
            $tried[$mass] = true;
            $rest = $left;
            array_splice($rest, $index, 1);
            $with = $sums;
            $with[count($order)] += $mass;
            $this->permute($masses, $kind, array_values($with), $orders, [...$order, $part], $rest);
        }
    }

    /**
     * @param  list<int>  $sums
     * @param  list<list<int>>  $orders
     */
    private function offer(array $sums, array $orders): void
    {
        $value = $sums === [] ? [0, 0] : $this->goal->of($sums);
        if ($value < $this->best) {
            $this->best = $value;
            $this->bestOrders = $orders;
        }
    }

    /**
     * @param  list<int>  $parts  Masses
     * @param  list<int>  $sums
     * @return list<int> The part for each cylinder
     */
    public static function heaviestToLightest(array $parts, array $sums): array
    {
        arsort($parts);
        asort($sums);
        $order = array_combine(array_keys($sums), array_keys($parts));
        ksort($order);

        return array_values($order);
    }

    /**
     * @param  list<int>  $sums
     * @param  list<int>  $parts
     * @param  list<int>  $order
     * @return list<int>
     */
    private static function added(array $sums, array $parts, array $order): array
    {
        return array_map(static fn (int $sum, int $part): int => $sum + $parts[$part], $sums, $order);
    }
}
