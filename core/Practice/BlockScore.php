<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** How a block was judged, against its truth: what was right, what it would have cost, and the points (PRAC-2). */
final readonly class BlockScore
{
    public const MOST = 100;

    /**
     * @param  list<string>  $off  Keys of the places whose reading is off by more than the gauge explains
     * @param  array<string, int>  $deductions  How often, by the value of what it is for
     * @param  ?Money  $costsMore  Than the right way; null where it is the right one, or no way that could be gone
     */
    private function __construct(
        public bool $isVerdictRight,
        public bool $isWayRight,
        public array $off,
        public array $deductions,
        public ?Money $costsMore,
    ) {
    }

    /**
     * @param  array<string, Length>  $read  What was read last, by place key
     * @param  list<string>  $mistaken  Keys of the places that were looked at and called something else
     * @param  array<string, Length>  $true  What it is, at the same places
     * @param  Length  $explained  What the gauge can be off by
     * @param  int  $taken  Readings of bores, repeats included
     * @param  bool  $missedDrift  The gauge had lost its zero, and was not put back on its master in time
     */
    public static function of(
        BlockAssessment $truth,
        BlockAnswer $answer,
        array $read,
        array $mistaken,
        array $true,
        Length $explained,
        int $taken,
        int $needed,
        bool $missedDrift,
    ): self {
        $stays = $truth->canStay->stays();
        $right = $truth->recommendation?->option;
        $isWayRight = $answer->way === $right?->key();
        $off = [
            ...array_keys(
                array_filter(
                    $read,
                    static fn (Length $size, string $place): bool => $size->minus($true[$place])->absolute()->isLargerThan($explained),
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
            ...$mistaken,
        ];
        $chosen = $isWayRight ? null : $truth->plan?->option($answer->way);

        return new self(
            $answer->canStay === $stays,
            $isWayRight,
            $off,
            array_filter([
                Deduction::FalseStay->value => (int) ($answer->canStay && ! $stays),
                Deduction::FalseCut->value => (int) (! $answer->canStay && $stays),
                Deduction::OtherWay->value => (int) ! $isWayRight,
                Deduction::OffReading->value => count($off),
                Deduction::TooEarly->value => (int) (count($read) < $needed),
                Deduction::NeedlessReading->value => max(0, $taken - $needed),
                Deduction::DriftMissed->value => (int) $missedDrift,
            ]),
            $chosen?->isFeasible() === true && $right !== null ? $chosen->cost->minus($right->cost) : null,
        );
    }

    public function points(): int
    {
        $lost = 0;
        foreach ($this->deductions as $code => $times) {
            $lost += $this->lostBy(Deduction::from($code), $times);
        }

        return max(0, self::MOST - $lost);
    }

    public function lostBy(Deduction $deduction, int $times): int
    {
        return min($deduction->most(), $times * $deduction->points());
    }
}
