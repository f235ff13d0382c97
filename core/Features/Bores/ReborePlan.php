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
        private ReboreWays $ways,
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
        $ways = new ReboreWays($block, $cylinders, $required, $prices);
        $sizes = array_map($ways->bore(...), $block->stepsAbove($block->currentStep));

        return new self($block, $cylinders, $required, [$ways->stay(), ...$sizes, $ways->replace()], $ways, $prices);
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
                    : $this->ways->bore($option->step, $option->needsTrace),
                $this->options,
            ),
            $this->ways,
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
        $withNewPistons = $this->ways->stayWithNewPistons($this->options[0]);

        return [$this->options[0], ...array_filter([$withNewPistons]), ...array_slice($this->options, 1)];
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
            return $this->ways->stayWithNewPistons($this->options[0]);
        }
        foreach ($this->options as $option) {
            if ($option->key() === $key) {
                return $option;
            }
        }

        return null;
    }

    private static function required(BlockToPlan $block, CylinderToPlan $cylinder): RequiredBore
    {
        $need = RequiredBore::of($block->asMade(), $cylinder->size, $cylinder->pitDepth, $block->cleanUpStock);
        $beyond = $cylinder->pitDepth->times(2);

        return $cylinder->map === null
            ? $need
            : $need->traced($cylinder->map->constrained->plus($beyond), $cylinder->map->centred->plus($beyond));
    }
}
