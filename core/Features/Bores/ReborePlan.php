<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/**
 * Every way to make a block good: stay, each offered size above the current one, replace (BORE-10, BORE-11).
 * All cylinders get one size; what does not clean up or is cracked is sleeved back to it.
 */
final readonly class ReborePlan
{
    /**
     * @param  non-empty-list<CylinderToPlan>  $cylinders
     * @param  array<int, RequiredBore>  $required  By cylinder
     * @param  non-empty-list<ReboreOption>  $options  Stay, sizes ascending, replace
     */
    private function __construct(
        public BlockToPlan $block,
        public array $cylinders,
        public array $required,
        public array $options,
        private BlockPrices $prices,
    ) {
    }

    /**
     * @param  list<CylinderToPlan>  $cylinders
     *
     * @throws PlanningException If there is no cylinder, or one stands twice
     */
    public static function of(BlockToPlan $block, array $cylinders, BlockPrices $prices): self
    {
        if ($cylinders === []) {
            throw PlanningException::noCylinders();
        }
        $required = [];
        foreach ($cylinders as $cylinder) {
            isset($required[$cylinder->number]) && throw PlanningException::sameCylinderTwice($cylinder->number);
            $required[$cylinder->number] = self::required($block, $cylinder);
        }
        $options = [self::stay($block, $cylinders, $prices)];
        foreach ($block->stepsAbove($block->currentStep) as $step) {
            $options[] = self::bore($block, $cylinders, $required, $step, $prices, []);
        }
        $options[] = new ReboreOption(
            OptionKind::Replace,
            Length::zero(),
            Length::zero(),
            [],
            [],
            [],
            null,
            [],
            count($block->allowedSteps),
            $prices->replacement,
            0,
        );

        return new self($block, $cylinders, $required, $options, $prices);
    }

    /** The same plan if every trace fails that an option rests on: those cylinders are sleeved there (BORE-11a). */
    public function ifTracesFail(): self
    {
        return new self(
            $this->block,
            $this->cylinders,
            $this->required,
            array_map(
                fn (ReboreOption $option): ReboreOption => $option->needsTrace === []
                    ? $option
                    : self::bore($this->block, $this->cylinders, $this->required, $option->step, $this->prices, $option->needsTrace),
                $this->options,
            ),
            $this->prices,
        );
    }

    /**
     * The same block with its cylinders as they would be.
     *
     * @param  list<CylinderToPlan>  $cylinders
     *
     * @throws PlanningException If there is no cylinder, or one stands twice
     */
    public function withCylinders(array $cylinders): self
    {
        return self::of($this->block, $cylinders, $this->prices);
    }

    /** True where some option rests on a trace that nobody has taken. */
    public function needsTrace(): bool
    {
        return array_filter($this->options, static fn (ReboreOption $option): bool => $option->needsTrace !== []) !== [];
    }

    /** True where an option sleeves a cylinder that is worn and not cracked (BORE-11b). */
    public function sleevesForWear(ReboreOption $option): bool
    {
        $cracked = array_column(
            array_filter($this->cylinders, static fn (CylinderToPlan $cylinder): bool => $cylinder->isCracked),
            'number',
        );

        return array_diff($option->sleeved, $cracked) !== [];
    }

    private static function required(BlockToPlan $block, CylinderToPlan $cylinder): RequiredBore
    {
        $need = RequiredBore::of($block->asMade(), $cylinder->size, $cylinder->pitDepth, $block->cleanUpStock);
        $beyond = $cylinder->pitDepth->times(2);

        return $cylinder->map === null
            ? $need
            : $need->traced($cylinder->map->constrained->plus($beyond), $cylinder->map->centred->plus($beyond));
    }

    /** The same bores with a whole new set of pistons; null where one does not fit its bore, or they are all new, or sleeved, already. */
    public function stayWithNewPistons(): ?ReboreOption
    {
        $stay = $this->options[0];
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

    /** Folded away: another feasible way, replacing apart, is no worse in anything. */
    public function isFolded(ReboreOption $option): bool
    {
        if ($option->kind === OptionKind::Replace || $option->isWithNewPistons || ! $option->isFeasible()) {
            return false;
        }
        foreach ($this->options as $other) {
            if ($other !== $option && $other->kind !== OptionKind::Replace && $other->isFeasible() && $other->isNoWorseThan($option)) {
                return true;
            }
        }

        return false;
    }

    /** @return list<ReboreOption> */
    public function feasible(): array
    {
        return array_values(array_filter($this->options, static fn (ReboreOption $option): bool => $option->isFeasible()));
    }

    /** @return non-empty-list<ReboreOption> Every way, that of new pistons beside staying among them */
    public function ways(): array
    {
        return [$this->options[0], ...array_filter([$this->stayWithNewPistons()]), ...array_slice($this->options, 1)];
    }

    /** @return list<Length> Allowed steps above the current one at which every cylinder cleans up, on centre or off */
    public function stepsWhereAllCleanUp(): array
    {
        $steps = array_map(
            static fn (ReboreOption $option): ?Length => $option->kind === OptionKind::Bore && $option->sleeved === []
                ? $option->step
                : null,
            $this->options,
        );

        return array_values(array_filter($steps));
    }

    public function option(string $key): ?ReboreOption
    {
        if ($key === ReboreOption::NEW_PISTONS) {
            return $this->stayWithNewPistons();
        }
        foreach ($this->options as $option) {
            if ($option->key() === $key) {
                return $option;
            }
        }

        return null;
    }

    /** @param  non-empty-list<CylinderToPlan>  $cylinders */
    private static function stay(BlockToPlan $block, array $cylinders, BlockPrices $prices): ReboreOption
    {
        $sleeved = $walls = $newPistons = $honed = [];
        foreach ($cylinders as $cylinder) {
            if ($cylinder->mustBeSleevedToStay()) {
                $sleeved[] = $cylinder->number;

                continue;
            }
            $walls[$cylinder->number] = WallLeft::of($cylinder, $block->standardWall, $block->currentStep, Length::zero(), Length::zero());
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
            $block->currentStep,
            Length::zero(),
            [],
            [],
            $sleeved,
            WallLeft::thinnest($walls),
            self::tooThin($walls, $block->minimumWall),
            count($block->stepsAbove($block->currentStep)),
            $prices->costOfStaying(count($sleeved), count($newPistons)),
            $prices->minutesOfStaying(count($sleeved)),
            $block->obstaclesTo($sleeved),
            newPistons: $newPistons,
            honedToClearance: $honed,
        );
    }

    /**
     * @param  non-empty-list<CylinderToPlan>  $cylinders
     * @param  array<int, RequiredBore>  $required
     * @param  list<int>  $failed  Cylinders whose trace fails at that size
     */
    private static function bore(
        BlockToPlan $block,
        array $cylinders,
        array $required,
        Length $step,
        BlockPrices $prices,
        array $failed,
    ): ReboreOption {
        $size = $block->nominal->plus($step);
        $metalCut = $size->minus($block->asMade());
        $onCentre = $offCentre = $sleeved = $walls = $untraced = [];
        foreach ($cylinders as $cylinder) {
            $need = $required[$cylinder->number];
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
            if (! $isTraced && $block->allowedShift !== null && $twiceTheShift->isLargerThan($block->allowedShift->times(2))) {
                $untraced[] = $cylinder->number;
            }
            $walls[$cylinder->number] = WallLeft::of($cylinder, $block->standardWall, $block->currentStep, $metalCut, $twiceTheShift);
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
            self::tooThin($walls, $block->minimumWall),
            count($block->stepsAbove($step)),
            $prices->costOfBoring($step, count($sleeved)),
            $prices->minutesOfBoring(count($sleeved)),
            $block->obstaclesTo($sleeved),
            needsTrace: $untraced,
        );
    }

    /**
     * @param  array<int, ?WallLeft>  $walls
     * @return list<int>
     */
    private static function tooThin(array $walls, ?Length $minimum): array
    {
        $thin = array_keys(array_filter($walls, static fn (?WallLeft $wall): bool => $wall?->isThinnerThan($minimum) === true));
        sort($thin);

        return $thin;
    }
}
