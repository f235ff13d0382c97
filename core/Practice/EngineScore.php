<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Finding\PartVerdict;
use NorthLedger\Core\Quantity\Money;

/** How a whole engine was judged, against its truth: part by part, what it would have cost, and the points (PRAC-2). */
final readonly class EngineScore
{
    public const MOST = 100;

    /** From what is good as it is to what is good for nothing. */
    private const WORSE = [PartVerdict::Serviceable, PartVerdict::Recondition, PartVerdict::Repair, PartVerdict::Scrap];

    /**
     * @param  array<string, PartVerdict>  $parts  What each is, by part
     * @param  array<string, int>  $deductions  How often, by the value of what it is for
     * @param  ?ReboreOption  $right  What is right with the bores; null where the block is scrap, and nothing is
     * @param  ?Money  $costsMore  Than the right way with the bores; null where it is the right one, or no way that could be gone
     */
    private function __construct(
        public array $parts,
        public ?ReboreOption $right,
        public bool $isWayRight,
        public array $deductions,
        public ?Money $costsMore,
    ) {
    }

    public static function of(EngineInspection $truth, EngineAnswer $answer, EngineRecord $record): self
    {
        $parts = array_map(static fn ($part): PartVerdict => $part->verdict, $truth->engine()->parts);
        $tooGood = $tooBad = 0;
        foreach ($parts as $part => $is) {
            $said = $answer->parts[$part] ?? PartVerdict::NotYetKnown;
            // Who does not know says neither.
            $by = $said === PartVerdict::NotYetKnown ? 1 : self::rank($said) - self::rank($is);
            $tooGood += (int) ($by < 0);
            $tooBad += (int) ($by > 0);
        }
        // Whatever is done to the bores of a block that is scrap, nothing of it is right or wrong.
        $isScrap = ($parts[EnginePart::Block->value] ?? null) === PartVerdict::Scrap;
        $right = $isScrap ? null : $truth->bores()->recommendation?->option;
        $isWayRight = $right === null || $right->key() === $answer->way;
        $chosen = $isWayRight ? null : $truth->bores()->plan?->option($answer->way);

        return new self(
            $parts,
            $right,
            $isWayRight,
            array_filter([
                Deduction::TooGood->value => $tooGood,
                Deduction::TooBad->value => $tooBad,
                Deduction::OtherWay->value => (int) ! $isWayRight,
                Deduction::OffReading->value => count($record->off),
                Deduction::MissingReading->value => $record->missing,
                Deduction::UncheckedPart->value => $record->unchecked,
                Deduction::MisplacedLine->value => $record->misplaced,
                Deduction::NeedlessReading->value => $record->needless,
                Deduction::DriftMissed->value => (int) $record->missedDrift,
            ]),
            $chosen?->isFeasible() === true ? $chosen->cost->minus($right->cost) : null,
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

    private static function rank(PartVerdict $verdict): int
    {
        return (int) array_search($verdict, self::WORSE, true);
    }
}
