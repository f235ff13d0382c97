<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Quantity\Length;

/** Works out each way of a block: what becomes of every cylinder, the walls, the cost and the minutes (BORE-7 to BORE-11). */
final readonly class ReboreWays
{
    /**
     * @param  non-empty-list<CylinderToPlan>  $cylinders
     * @param  array<int, RequiredBore>  $required  By cylinder
     */
    public function __construct(
        private BlockToPlan $block,
        private array $cylinders,
        private array $required,
        private BlockPrices $prices,
    ) {
    }

    public function stay(): ReboreOption
    {
        $sleeved = $walls = $newPistons = $honed = [];
        foreach ($this->cylinders as $cylinder) {
            if ($cylinder->mustBeSleevedToStay()) {
                $sleeved[] = $cylinder->number;

                continue;
            }
            $walls[$cylinder->number] = $this->wallLeft($cylinder, Length::zero(), Length::zero());
            if ($cylinder->wantsNewPiston) {
                $newPistons[] = $cylinder->number;
            }
            if ($cylinder->isHonedToClearance) {
                $honed[] = $cylinder->number;
            }
        }
        sort($sleeved);
        sort($newPistons);
        sort($honed);

        return new ReboreOption(
            OptionKind::Stay,
            $this->block->currentStep,
            Length::zero(),
            [],
            [],
            $sleeved,
            WallLeft::thinnest($walls),
            $this->tooThin($walls),
            count($this->block->stepsAbove($this->block->currentStep)),
            $this->prices->costOfStaying(count($sleeved), count($newPistons)),
            $this->prices->minutesOfStaying(count($sleeved)),
            $this->block->obstaclesTo($sleeved),
            newPistons: $newPistons,
            honedToClearance: $honed,
        );
    }

    /** The same bores with a whole new set of pistons; null where one does not fit its bore, or they are all new, or sleeved, already. */
    public function stayWithNewPistons(ReboreOption $stay): ?ReboreOption
    {
        $numbers = array_column($this->cylinders, 'number');
        sort($numbers);
        $unfit = array_filter(
            $this->cylinders,
            static fn (CylinderToPlan $cylinder): bool => ! $cylinder->takesNewPiston && ! $cylinder->mustBeSleevedToStay(),
        );
        if ($unfit !== [] || in_array($numbers, [$stay->newPistons, $stay->sleeved], true) || ! $stay->isFeasible()) {
            return null;
        }

        return new ReboreOption(
            OptionKind::Stay,
            $stay->step,
            $stay->metalCut,
            [],
            [],
            $stay->sleeved,
            $stay->thinnestWall,
            $stay->wallTooThin,
            $stay->sizesRemaining,
            $this->prices->costOfStaying(count($stay->sleeved), count($numbers)),
            $stay->machineMinutes,
            $stay->obstacles,
            newPistons: $numbers,
            isWithNewPistons: true,
        );
    }

    /** @param  list<int>  $failed  Cylinders whose trace fails at that size: they are sleeved there (BORE-11a) */
    public function bore(Length $step, array $failed = []): ReboreOption
    {
        $size = $this->block->nominal->plus($step);
        $metalCut = $size->minus($this->block->asMade());
        $onCentre = $offCentre = $sleeved = $walls = $untraced = [];
        foreach ($this->cylinders as $cylinder) {
            $need = $this->required[$cylinder->number];
            $cleanUp = $cylinder->isCracked || in_array($cylinder->number, $failed, true) ? CleanUp::No : $need->at($size);
            if ($cleanUp === CleanUp::No) {
                $sleeved[] = $cylinder->number;

                continue;
            }
            $isTraced = $cylinder->map !== null && $cleanUp === CleanUp::OffCentre;
            $twiceTheShift = $isTraced
                ? $cylinder->map->shiftAt($size->minus($cylinder->pitDepth->times(2)))->times(2)
                : $need->twiceTheShiftAt($size);
            if ($cleanUp === CleanUp::OnCentre) {
                $onCentre[] = $cylinder->number;
            } else {
                $offCentre[$cylinder->number] = $twiceTheShift->half();
            }
            if (! $isTraced && $this->block->allowedShift !== null && $twiceTheShift->isLargerThan($this->block->allowedShift->times(2))) {
                $untraced[] = $cylinder->number;
            }
            $walls[$cylinder->number] = $this->wallLeft($cylinder, $metalCut, $twiceTheShift);
        }
        sort($onCentre);
        ksort($offCentre);
        sort($sleeved);
        sort($untraced);

        return new ReboreOption(
            OptionKind::Bore,
            $step,
            $metalCut,
            $onCentre,
            $offCentre,
            $sleeved,
            WallLeft::thinnest($walls),
            $this->tooThin($walls),
            count($this->block->stepsAbove($step)),
            $this->prices->costOfBoring($step, count($sleeved)),
            $this->prices->minutesOfBoring(count($sleeved)),
            $this->block->obstaclesTo($sleeved),
            needsTrace: $untraced,
        );
    }

    /** Another block, at standard size; it is not made good at machines of the shop. */
    public function replace(): ReboreOption
    {
        return new ReboreOption(
            OptionKind::Replace,
            Length::zero(),
            Length::zero(),
            [],
            [],
            [],
            null,
            [],
            count($this->block->allowedSteps),
            $this->prices->replacement,
            0,
        );
    }

    private function wallLeft(CylinderToPlan $cylinder, Length $metalCut, Length $twiceTheShift): ?WallLeft
    {
        return WallLeft::of($cylinder, $this->block->standardWall, $this->block->currentStep, $metalCut, $twiceTheShift);
    }

    /**
     * @param  array<int, ?WallLeft>  $walls
     * @return list<int>
     */
    private function tooThin(array $walls): array
    {
        $least = $this->block->minimumWall;
        $thin = array_keys(array_filter($walls, static fn (?WallLeft $wall): bool => $wall?->isThinnerThan($least) === true));
        sort($thin);

        return $thin;
    }
}
