<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Features\Weights\BalanceMatch;
use NorthLedger\Core\Features\Weights\Bobweight;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\QuantityException;

final class BalanceAdapter implements Adapter
{
    private const KINDS = ['pistons_ug', 'pins_ug', 'ring_sets_ug', 'lock_sets_ug', 'rods_ug'];

    public function run(Given $given): array
    {
        try {
            return match ($given->text('task')) {
                'match' => $this->match($given),
                'bobweight' => $this->bobweight($given),
                default => throw Refusal::withCode('unknown_word'),
            };
        } catch (PlanningException $exception) {
            throw Refusal::withCode($exception->fault->value);
        } catch (QuantityException) {
            throw Refusal::withCode('bad_value');
        }
    }

    /** @return array<string, mixed> */
    private function match(Given $given): array
    {
        $kinds = [];
        foreach (self::KINDS as $key) {
            if ($given->has($key)) {
                $kinds[$key] = array_map(
                    static fn (mixed $mass): Mass => is_int($mass) && $mass > 0
                        ? Mass::ofMicrograms($mass)
                        : throw Refusal::withCode('bad_value'),
                    array_values((array) $given->value($key)),
                );
            }
        }
        $match = BalanceMatch::of($kinds, self::rodsPerPin($given));
        $sums = self::sums($kinds, $match->parts);
        $answer = ['cylinder_spread_ug' => max($sums) - min($sums)];
        if (self::rodsPerPin($given) === 1) {
            return $answer;
        }
        $paired = array_merge(...$match->pairs);
        sort($paired);
        if ($paired !== array_keys($sums)) {
            throw new \LogicException('A cylinder is paired twice, or not at all.');
        }
        $pins = array_map(static fn (array $pair): int => $sums[$pair[0]] + $sums[$pair[1]], $match->pairs);

        return $answer + ['crankpin_spread_ug' => max($pins) - min($pins)];
    }

    /**
     * Weighs the assignment anew, and that it uses every part once.
     *
     * @param  array<string, list<Mass>>  $kinds
     * @param  array<string, list<int>>  $parts
     * @return non-empty-array<int, int>
     */
    private static function sums(array $kinds, array $parts): array
    {
        $sums = [];
        foreach ($kinds as $kind => $masses) {
            $used = $parts[$kind];
            sort($used);
            if ($used !== array_keys($masses)) {
                throw new \LogicException("A part of {$kind} is used twice, or not at all.");
            }
            foreach ($parts[$kind] as $cylinder => $part) {
                $sums[$cylinder] = ($sums[$cylinder] ?? 0) + $masses[$part]->micrograms;
            }
        }
        ksort($sums);

        return $sums === [] ? [0] : $sums;
    }

    /** @return array<string, mixed> */
    private function bobweight(Given $given): array
    {
        $mass = static fn (string $key): Mass => Mass::ofMicrograms($given->whole($key));
        $weight = Bobweight::of(
            self::rodsPerPin($given),
            $given->number('balance_factor'),
            $mass('big_end_ug'),
            $mass('bearing_ug'),
            $mass('oil_allowance_ug'),
            $mass('piston_ug'),
            $mass('pin_ug'),
            $mass('rings_ug'),
            $mass('locks_ug'),
            $mass('small_end_ug'),
        );

        return [
            'rotating_ug' => $weight->rotating->micrograms,
            'reciprocating_ug' => $weight->reciprocating->micrograms,
            'bobweight_ug' => $weight->total->micrograms,
        ];
    }

    /** @return 1|2 */
    private static function rodsPerPin(Given $given): int
    {
        return match ($given->whole('rods_per_pin')) {
            1 => 1,
            2 => 2,
            default => throw Refusal::withCode('bad_value'),
        };
    }
}
