<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\SleeveForWear;

/** The option a shop's preference picks from a plan, and the one it would pick without it (BORE-11, BORE-11a, BORE-11b, BORE-11c). */
final readonly class Recommendation
{
    /** @param  ?TraceStake  $stake  What hangs on a trace that nobody has taken; null where none changes the option */
    private function __construct(
        public ReboreOption $option,
        public ?ReboreOption $runnerUp,
        public Preference $preference,
        public ?TraceStake $stake,
    ) {
    }

    /** Asked twice where an option rests on a trace: if it holds, and if it fails. Where the answers differ, the second is recommended. */
    public static function from(ReborePlan $plan, Preference $preference, SleeveForWear $sleeveForWear): ?self
    {
        $ifHolds = self::alone($plan, $preference, $sleeveForWear);
        if ($ifHolds === null || ! $plan->needsTrace()) {
            return $ifHolds;
        }
        $ifFails = self::alone($plan->ifTracesFail(), $preference, $sleeveForWear);

        return $ifFails === null || $ifFails->option->key() === $ifHolds->option->key()
            ? $ifHolds
            : new self($ifFails->option, $ifFails->runnerUp, $preference, TraceStake::between($plan, $ifHolds->option, $ifFails->option));
    }

    /** What a plan's options come to at their word. */
    public static function alone(ReborePlan $plan, Preference $preference, SleeveForWear $sleeveForWear): ?self
    {
        $open = self::withoutNeedlessSleeves($plan, $sleeveForWear);
        $best = self::pick($open, $preference, count($plan->cylinders));
        if ($best === null) {
            return null;
        }
        $runnerUp =
            self::pick(self::without($best, $open), $preference, count($plan->cylinders)) ??
            self::pick(self::without($best, $plan->feasible()), $preference, count($plan->cylinders));

        return new self($best, $runnerUp, $preference, null);
    }

    /**
     * @param  list<ReboreOption>  $options
     * @return list<ReboreOption>
     */
    private static function without(ReboreOption $best, array $options): array
    {
        return array_values(array_filter($options, static fn (ReboreOption $option): bool => $option !== $best));
    }

    /** True where the same way is recommended, with the same cylinders sleeved, and the same hangs on a trace. */
    public function isSameAs(?self $other): bool
    {
        return $other !== null &&
            $this->option->isSameWayAs($other->option) &&
            ($this->stake === null ? $other->stake === null : $this->stake->ifHolds->isSameWayAs($other->stake?->ifHolds));
    }

    /**
     * A sleeve for wear alone only saves a size: it goes where a way without one leaves a size as well (BORE-11b).
     *
     * @return list<ReboreOption>
     */
    private static function withoutNeedlessSleeves(ReborePlan $plan, SleeveForWear $sleeveForWear): array
    {
        $feasible = $plan->feasible();
        $unsleeved = array_values(array_filter($feasible, static fn (ReboreOption $option): bool => ! $plan->sleevesForWear($option)));
        $leavesASize = array_filter(
            $unsleeved,
            static fn (ReboreOption $option): bool => $option->kind !== OptionKind::Replace && $option->sizesRemaining > 0,
        );

        return $sleeveForWear === SleeveForWear::WheneverItWins || $leavesASize === [] ? $feasible : $unsleeved;
    }

    /** @return list<string> Keys of the ways that are left out of every recommendation: they sleeve for wear, and save no size by it */
    public static function needless(ReborePlan $plan, SleeveForWear $sleeveForWear): array
    {
        $open = self::withoutNeedlessSleeves($plan, $sleeveForWear);

        return array_values(
            array_map(
                static fn (ReboreOption $option): string => $option->key(),
                array_filter($plan->feasible(), static fn (ReboreOption $option): bool => ! in_array($option, $open, true)),
            ),
        );
    }

    /** @param  list<ReboreOption>  $options */
    private static function pick(array $options, Preference $preference, int $cylinders): ?ReboreOption
    {
        $preferred = array_values(
            array_filter(
                $options,
                static fn (ReboreOption $option): bool => match ($preference) {
                    Preference::Life => $option->kind !== OptionKind::Replace && 3 * count($option->sleeved) < $cylinders + 3,
                    Preference::Cost => true,
                    Preference::Balanced => $option->sizesRemaining > 0,
                },
            ),
        );
        $byCost = static fn (ReboreOption $option): array => [
            $option->cost->minor,
            $option->kind === OptionKind::Replace,
            $option->metalCut->nanometres,
        ];

        return $preference === Preference::Life && $preferred !== []
            ? self::least($preferred, static fn (ReboreOption $option): array => [$option->metalCut->nanometres])
            : self::least($preferred === [] ? $options : $preferred, $byCost);
    }

    /**
     * @param  list<ReboreOption>  $options
     * @param  callable(ReboreOption): list<int|bool>  $measure
     */
    private static function least(array $options, callable $measure): ?ReboreOption
    {
        usort($options, static fn (ReboreOption $a, ReboreOption $b): int => $measure($a) <=> $measure($b));

        return $options[0] ?? null;
    }
}
