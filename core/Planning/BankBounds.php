<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** What one bank's deck, head and pistons must keep, whatever is planned; what has no least is not judged (PLAN-2). */
final readonly class BankBounds
{
    /** @param  list<CombustionSpace>  $spaces  Of its cylinders, as far as they differ; none where the ratio is not judged */
    private function __construct(
        public array $spaces,
        private ?float $leastRatio,
        private ?float $mostRatio,
        private ?Length $deckHeight,
        private ?Length $leastDeckHeight,
        private ?Length $headThickness,
        private ?Length $leastHeadThickness,
        private ?Length $leastDeckClearance,
    ) {
    }

    public static function none(): self
    {
        return new self([], null, null, null, null, null, null, null);
    }

    /**
     * @param  list<CombustionSpace>  $spaces
     *
     * @throws PlanningException If a least is given without its value, or a range stands upside down
     */
    public static function of(
        array $spaces,
        ?float $leastRatio = null,
        ?float $mostRatio = null,
        ?Length $deckHeight = null,
        ?Length $leastDeckHeight = null,
        ?Length $headThickness = null,
        ?Length $leastHeadThickness = null,
        ?Length $leastDeckClearance = null,
    ): self {
        $leastRatio !== null &&
            $mostRatio !== null &&
            $leastRatio > $mostRatio &&
            throw PlanningException::impossible('least_ratio', $leastRatio);
        $heights = ['deck_height' => [$deckHeight, $leastDeckHeight], 'head_thickness' => [$headThickness, $leastHeadThickness]];
        foreach ($heights as $what => [$value, $least]) {
            $least !== null && $value === null && throw PlanningException::missing($what);
            $value?->isPositive() === false && throw PlanningException::impossible($what, $value->nanometres);
            $least?->isNegative() === true && throw PlanningException::impossible("least_{$what}", $least->nanometres);
        }
        $leastDeckClearance !== null && $spaces === [] && throw PlanningException::missing('deck_clearance');

        return new self(
            $spaces,
            $leastRatio,
            $mostRatio,
            $deckHeight,
            $leastDeckHeight,
            $headThickness,
            $leastHeadThickness,
            $leastDeckClearance,
        );
    }

    /** @return list<PlanObstacle> Each once, in the order of the rule */
    public function obstaclesTo(?Length $bore, Length $deckCut, Length $headCut): array
    {
        $ratios = $this->ratiosAfter($bore, $deckCut, $headCut);
        $holds = [
            [PlanObstacle::RatioTooLow, $ratios !== [] && $this->leastRatio !== null && min($ratios) < $this->leastRatio],
            [PlanObstacle::RatioTooHigh, $ratios !== [] && max($ratios) > ($this->mostRatio ?? PHP_FLOAT_MAX)],
            [PlanObstacle::DeckTooLow, self::isBelow($this->deckHeight, $deckCut, $this->leastDeckHeight)],
            [PlanObstacle::HeadTooThin, self::isBelow($this->headThickness, $headCut, $this->leastHeadThickness)],
            [PlanObstacle::PistonTooHigh, $this->letsAPistonStandTooHigh($deckCut)],
        ];

        return array_values(
            array_map(static fn (array $one): PlanObstacle => $one[0], array_filter($holds, static fn (array $one): bool => $one[1])),
        );
    }

    /** @return list<float> Of each space; infinite where nothing would be left above the piston */
    public function ratiosAfter(?Length $bore, Length $deckCut, Length $headCut): array
    {
        return array_map(static fn (CombustionSpace $space): float => $space->ratioAfter($bore, $deckCut, $headCut), $this->spaces);
    }

    private function letsAPistonStandTooHigh(Length $deckCut): bool
    {
        $least = $this->leastDeckClearance;
        $isTooHigh = static fn (CombustionSpace $space): bool => $least !== null &&
            $space->deckClearance->minus($deckCut)->isSmallerThan($least);

        return array_filter($this->spaces, $isTooHigh) !== [];
    }

    private static function isBelow(?Length $height, Length $cut, ?Length $least): bool
    {
        return $height !== null && $least !== null && $height->minus($cut)->isSmallerThan($least);
    }
}
