<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Housings;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;

/** To which size the main housings are honed or bored (LINE-2a): a step smaller than its hole cuts nothing. */
final readonly class LinePlan
{
    /**
     * @param  Length  $needed  The largest hole with its offset on both sides, and the stock
     * @param  ?Length  $step  The smallest offered that will do, whether or not honing is enough; null where none does
     * @param  ?Length  $target  The middle of the standard range and the step; null without a step
     */
    private function __construct(public Length $needed, public LineWork $work, public ?Length $step, public ?Length $target)
    {
    }

    /**
     * @param  Length  $least  Of the standard range
     * @param  list<Length>  $steps  Offered, in any order
     * @param  list<HousingToBore>  $housings
     *
     * @throws PlanningException If there is no housing, or a size, step or stock cannot be
     */
    public static function of(Length $least, Length $most, array $steps, Length $stock, array $housings): self
    {
        self::check($least, $most, $steps, $stock);
        if ($housings === []) {
            throw PlanningException::tooFew('housings', 0, 1);
        }
        $needed = Length::largest(...array_map(static fn (HousingToBore $housing): Length => $housing->hole(), $housings))->plus($stock);
        usort($steps, static fn (Length $a, Length $b): int => $a->nanometres <=> $b->nanometres);
        $step = null;
        foreach ($steps as $offered) {
            // Twice the middle, so that half a nanometre decides as well.
            $step ??= $least->plus($most)->plus($offered->times(2))->isSmallerThan($needed->times(2)) ? null : $offered;
        }

        return new self(
            $needed,
            match (true) {
                ! $needed->isLargerThan($most) => LineWork::Hone,
                $step !== null => LineWork::Bore,
                default => LineWork::Scrap,
            },
            $step,
            $step === null ? null : $least->plus($most)->half()->plus($step),
        );
    }

    /** @param  list<Length>  $steps */
    private static function check(Length $least, Length $most, array $steps, Length $stock): void
    {
        foreach ([$least, ...$steps] as $length) {
            $length->isPositive() || throw PlanningException::impossible('housing_size', $length->nanometres);
        }
        $most->isSmallerThan($least) && throw PlanningException::impossible('range_top', $most->nanometres);
        $stock->isNegative() && throw PlanningException::impossible('stock', $stock->nanometres);
    }
}
