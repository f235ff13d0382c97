<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Policy\Preference;

/** The option a shop's preference picks from a plan, and the one it would pick without it (BORE-11). */
final readonly class Recommendation
{
    private function __construct(
        public ReboreOption $option,
        public ?ReboreOption $runnerUp,
        public Preference $preference,
    ) {
    }

    public static function from(ReborePlan $plan, Preference $preference): ?self
    {
        $feasible = $plan->feasible();
        $best = self::pick($feasible, $preference, count($plan->cylinders));
        if ($best === null) {
            return null;
        }
        $others = array_values(array_filter($feasible, static fn (ReboreOption $option): bool => $option !== $best));

        return new self($best, self::pick($others, $preference, count($plan->cylinders)), $preference);
    }

    /** @param  list<ReboreOption>  $options */
    private static function pick(array $options, Preference $preference, int $cylinders): ?ReboreOption
    {
        $preferred = array_values(array_filter($options, static fn (ReboreOption $option): bool => match ($preference) {
            Preference::Life => $option->kind !== OptionKind::Replace && 3 * count($option->sleeved) < $cylinders + 3,
            Preference::Cost => true,
            Preference::Balanced => $option->sizesRemaining > 0,
        }));
        $cost = static fn (ReboreOption $option): int => $option->cost->minor;

        return $preference === Preference::Life && $preferred !== []
            ? self::least($preferred, static fn (ReboreOption $option): int => $option->metalCut->nanometres)
            : self::least($preferred === [] ? $options : $preferred, $cost);
    }

    /**
     * @param  list<ReboreOption>  $options
     * @param  callable(ReboreOption): int  $measure
     */
    private static function least(array $options, callable $measure): ?ReboreOption
    {
        $least = null;
        foreach ($options as $option) {
            $least = $least === null || $measure($option) < $measure($least) ? $option : $least;
        }

        return $least;
    }
}
