<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work\Honing;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** How long to hone on towards a size, from what the last stints of this set of abrasives took off (HONE-3). */
final readonly class NextStint
{
    private const LOOKED_BACK = 3;

    /** The rest is left for the gauge. */
    private const SHARE = 0.8;

    /**
     * @param  int|float|null  $seconds  Null where nothing is honed before something else was done; whole, but for the shop's own first
     *     time
     * @param  ?float  $rate  In nanometres a second, on diameter; null while nothing was sized
     */
    private function __construct(public StintAdvice $advice, public int|float|null $seconds, public ?float $rate)
    {
    }

    /**
     * @param  list<Stint>  $stints  Of this set of abrasives, at any cylinder, oldest first
     * @param  Length  $wanted  The smallest size that is wanted
     * @param  Length  $resolution  Of the gauge
     * @param  int  $first  What the shop starts with, in seconds
     *
     * @throws PlanningException If a size, resolution or time cannot be
     */
    public static function towards(Length $wanted, Length $now, Length $resolution, array $stints, int|float $first): self
    {
        foreach ([$wanted, $now] as $size) {
            $size->isPositive() || throw PlanningException::impossible('size', $size->nanometres);
        }
        $resolution->isNegative() && throw PlanningException::impossible('resolution', $resolution->nanometres);
        $first > 0 || throw PlanningException::impossible('time_of_a_stint', $first);
        $rate = self::rate($stints);
        $left = $wanted->minus($now);

        return match (true) {
            ! $left->isPositive() => new self(StintAdvice::Done, null, $rate),
            ! $left->isLargerThan($resolution) => new self(StintAdvice::MeasureAgain, null, $rate),
            $rate === null => new self(StintAdvice::Stint, $first, null),
            $rate <= 0 => new self(StintAdvice::NewAbrasives, null, $rate),
            default => new self(StintAdvice::Stint, self::seconds($left, $stints), $rate),
        };
    }

    /** @param  list<Stint>  $stints */
    private static function rate(array $stints): ?float
    {
        [$growth, $seconds] = self::lately($stints);

        return $seconds > 0 ? $growth / $seconds : null;
    }

    /**
     * Growth and seconds are kept apart until the last, so that a whole second stays one.
     *
     * @param  list<Stint>  $stints
     */
    private static function seconds(Length $left, array $stints): int
    {
        [$growth, $seconds] = self::lately($stints);

        return max(1, (int) floor(round((self::SHARE * $left->nanometres * $seconds) / $growth, 9)));
    }

    /**
     * @param  list<Stint>  $stints
     * @return array{int, float} Growth in nanometres, and seconds, of the last sized ones
     */
    private static function lately(array $stints): array
    {
        $sized = array_slice(array_values(array_filter($stints, static fn (Stint $stint): bool => $stint->isSized())), -self::LOOKED_BACK);

        return [
            (int) array_sum(array_map(static fn (Stint $stint): int => $stint->growth(), $sized)),
            (float) array_sum(array_column($sized, 'seconds')),
        ];
    }
}
