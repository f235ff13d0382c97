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
     * @param  array<string, Length>  $true  What it is, at the places that were read
     * @param  Length  $explained  What the gauge can be off by
     * @param  int  $needed  Readings of bores that settle it
     */
    public static function of(
        BlockAssessment $truth,
        BlockAnswer $answer,
        BlockRecord $record,
        array $true,
        Length $explained,
        int $needed,
    ): self {
        $stays = $truth->canStay->stays();
        $right = $truth->recommendation?->option;
        $isWayRight = $answer->way === $right?->key();
        $off = [
            ...array_keys(
                array_filter(
                    $record->read,
                    static fn (Length $size, string $place): bool => $size->minus($true[$place])->absolute()->isLargerThan($explained),
                    ARRAY_FILTER_USE_BOTH,
                ),
            ),
            ...$record->mistaken,
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
                Deduction::MissingReading->value => max(0, $needed - count($record->read)),
                Deduction::SkippedLook->value => $answer->canStay ? $record->notLookedAt : 0,
                Deduction::NotCheckedBack->value => (int) ($record->taken > 0 && ! $record->wasCheckedBack),
                Deduction::NeedlessReading->value => max(0, $record->taken - $needed),
                Deduction::DriftMissed->value => (int) $record->missedDrift,
            ]),
            $chosen?->isFeasible() === true && $right !== null ? $chosen->cost->minus($right->cost) : null,
        );
    }

    public function points(): int
    {
        $lost = 0;
        foreach ($this->deductions as $code => $times) {
            $lost += Deduction::from($code)->lostBy($times);
        }

        return max(0, self::MOST - $lost);
    }
}
