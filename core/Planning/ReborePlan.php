<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Judgement\CleanUp;
use NorthLedger\Core\Judgement\RequiredBore;
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
            $options[] = self::bore($block, $cylinders, $required, $step, $prices);
        }
        $options[] = new ReboreOption(OptionKind::Replace, Length::zero(), Length::zero(), [], [], [], null, [], count($block->allowedSteps), $prices->replacement, 0);

        return new self($block, $cylinders, $required, $options);
    }

    private static function required(BlockToPlan $block, CylinderToPlan $cylinder): RequiredBore
    {
        $need = RequiredBore::of($block->asMade(), $cylinder->size, $cylinder->pitDepth, $block->cleanUpStock);
        $beyond = $cylinder->pitDepth->times(2);

        return $cylinder->map === null ? $need : $need->traced($cylinder->map->constrained->plus($beyond), $cylinder->map->centred->plus($beyond));
    }

    /** Folded away: another feasible way, replacing apart, is no worse in anything. */
    public function isFolded(ReboreOption $option): bool
    {
        if ($option->kind === OptionKind::Replace || ! $option->isFeasible()) {
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

    /** @return list<Length> Allowed steps above the current one at which every cylinder cleans up, on centre or off */
    public function stepsWhereAllCleanUp(): array
    {
        $steps = array_map(
            static fn (ReboreOption $option): ?Length => $option->kind === OptionKind::Bore && $option->sleeved === [] ? $option->step : null,
            $this->options,
        );

        return array_values(array_filter($steps));
    }

    public function option(string $key): ?ReboreOption
    {
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
        $sleeved = $walls = [];
        foreach ($cylinders as $cylinder) {
            if ($cylinder->mustBeSleevedToStay()) {
                $sleeved[] = $cylinder->number;
            } else {
                $walls[$cylinder->number] = WallLeft::of($cylinder, $block->standardWall, $block->currentStep, Length::zero(), Length::zero());
            }
        }
        sort($sleeved);

        return new ReboreOption(
            OptionKind::Stay, $block->currentStep, Length::zero(), [], [], $sleeved,
            self::thinnest($walls), self::tooThin($walls, $block->minimumWall),
            count($block->stepsAbove($block->currentStep)),
            $prices->costOfStaying(count($sleeved)), $prices->minutesOfStaying(count($sleeved)), $block->obstaclesTo($sleeved),
        );
    }

    /**
     * @param  non-empty-list<CylinderToPlan>  $cylinders
     * @param  array<int, RequiredBore>  $required
     */
    private static function bore(BlockToPlan $block, array $cylinders, array $required, Length $step, BlockPrices $prices): ReboreOption
    {
        $size = $block->nominal->plus($step);
        $metalCut = $size->minus($block->asMade());
        $onCentre = $offCentre = $sleeved = $walls = [];
        foreach ($cylinders as $cylinder) {
            $need = $required[$cylinder->number];
            $shift = $cylinder->map === null || $need->at($size) !== CleanUp::OffCentre ? $need->shiftAt($size) : $cylinder->map->shiftAt($size->minus($cylinder->pitDepth->times(2)));
            $cleanUp = $cylinder->isCracked ? CleanUp::No : $need->at($size);
            if ($cleanUp === CleanUp::No) {
                $sleeved[] = $cylinder->number;

                continue;
            }
            if ($cleanUp === CleanUp::OnCentre) {
                $onCentre[] = $cylinder->number;
            } else {
                $offCentre[$cylinder->number] = $shift;
            }
            $walls[$cylinder->number] = WallLeft::of($cylinder, $block->standardWall, $block->currentStep, $metalCut, $shift);
        }
        sort($onCentre);
        ksort($offCentre);
        sort($sleeved);

        return new ReboreOption(
            OptionKind::Bore, $step, $metalCut, $onCentre, $offCentre, $sleeved,
            self::thinnest($walls), self::tooThin($walls, $block->minimumWall),
            count($block->stepsAbove($step)),
            $prices->costOfBoring($step, count($sleeved)), $prices->minutesOfBoring(count($sleeved)), $block->obstaclesTo($sleeved),
        );
    }

    /** @param  array<int, Length>  $walls */
    private static function thinnest(array $walls): ?Length
    {
        return $walls === [] ? null : Length::smallest(...array_values($walls));
    }

    /**
     * @param  array<int, Length>  $walls
     * @return list<int>
     */
    private static function tooThin(array $walls, Length $minimum): array
    {
        $thin = array_keys(array_filter($walls, static fn (Length $wall): bool => $wall->isSmallerThan($minimum)));
        sort($thin);

        return $thin;
    }
}
