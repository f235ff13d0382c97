<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** What a rebore plan needs to know of a block: sizes, allowances and walls (BORE-7, BORE-9, BORE-11). */
final readonly class BlockToPlan
{
    /** @var list<Length> Every offered step up to the largest allowed, ascending */
    public array $allowedSteps;

    /**
     * @param  list<Length>  $oversizes  In any order
     * @param  ?Length  $largestStep  Null: the largest offered
     * @param  ?Length  $standardWall  At the standard size; null: known only where it is measured (BORE-9)
     * @param  ?Length  $minimumWall  Null: no wall forbids a size
     * @param  ?Length  $allowedShift  Of a centre; null: not judged (BORE-8)
     * @param  bool  $canBeSleeved  False where the cylinders are separate and replaced as a set
     * @param  bool  $isScrap  Something other than the bores condemned it; only replacing is left
     *
     * @throws PlanningException If the nominal or a step is not above zero, or the stock or current step below it
     */
    public function __construct(
        public Length $nominal,
        public Length $currentStep,
        array $oversizes,
        ?Length $largestStep,
        public Length $cleanUpStock,
        public ?Length $standardWall,
        public ?Length $minimumWall,
        public ?Length $allowedShift = null,
        public bool $canBeSleeved = true,
        public bool $isScrap = false,
    ) {
        foreach (array_filter([$nominal, $standardWall, ...$oversizes]) as $length) {
            $length->isPositive() || throw PlanningException::impossible('size', $length->nanometres);
        }
        foreach (array_filter([$currentStep, $cleanUpStock, $minimumWall, $allowedShift]) as $length) {
            $length->isNegative() && throw PlanningException::impossible('step_or_stock', $length->nanometres);
        }
        $allowed = array_filter($oversizes, static fn (Length $step): bool => $largestStep === null || ! $step->isLargerThan($largestStep));
        usort($allowed, static fn (Length $a, Length $b): int => $a->nanometres <=> $b->nanometres);
        $this->allowedSteps = $allowed;
    }

    public function asMade(): Length
    {
        return $this->nominal->plus($this->currentStep);
    }

    /**
     * What forbids working this block, apart from its walls.
     *
     * @param  list<int>  $sleeved  Cylinders that would be sleeved
     * @return list<Obstacle>
     */
    public function obstaclesTo(array $sleeved): array
    {
        return array_values(
            array_filter([
                $this->isScrap ? Obstacle::BlockIsScrap : null,
                ! $this->canBeSleeved && $sleeved !== [] ? Obstacle::CannotBeSleeved : null,
            ]),
        );
    }

    /** @return list<Length> Allowed steps above a step, ascending */
    public function stepsAbove(Length $step): array
    {
        return array_values(array_filter($this->allowedSteps, static fn (Length $allowed): bool => $allowed->isLargerThan($step)));
    }
}
