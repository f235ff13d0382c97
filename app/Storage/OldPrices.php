<?php

declare(strict_types=1);

namespace App\Storage;

/** Prices of a policy revision from before every part had one: the bores' alone, each a single amount. */
final class OldPrices
{
    /** What was a single amount, and which side of the item it is: work, or a part. */
    private const ITEMS = [
        'setup' => ['bore_setup', 'labour_minor', 'setup_minutes'],
        'bore' => ['bore', 'labour_minor', 'run_minutes'],
        'hone' => ['hone', 'labour_minor', 'run_minutes'],
        'sleeve' => ['sleeve', 'labour_minor', 'run_minutes'],
        'rings' => ['rings', 'parts_minor', null],
        'piston' => ['piston', 'parts_minor', null],
        'block' => ['block', 'parts_minor', null],
        'cylinder' => ['cylinder', 'parts_minor', null],
    ];

    /**
     * @param  array<string, mixed>  $policy  As it was stored
     * @return array<string, mixed> The same with its prices as they are kept today; what they did not know yet is left out
     */
    public static function brought(array $policy): array
    {
        $prices = $policy['prices'] ?? null;
        if (! is_array($prices) || ! isset($prices['setup_minor'])) {
            return $policy;
        }
        $every = [];
        foreach (self::ITEMS as $old => [$item, $amount, $minutes]) {
            $every[$item] = ['labour_minor' => 0, 'parts_minor' => 0, 'setup_minutes' => 0, 'run_minutes' => 0];
            $every[$item][$amount] = $prices["{$old}_minor"] ?? 0;
            if ($minutes !== null) {
                $every[$item][$minutes] = $prices["{$old}_minutes"] ?? 0;
            }
        }
        $policy['prices'] = ['every' => $every];

        return $policy;
    }
}
