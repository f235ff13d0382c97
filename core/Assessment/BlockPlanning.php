<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Engine\Policy\BoreAllowances;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BlockPrices;
use NorthLedger\Core\Features\Bores\BlockToPlan;
use NorthLedger\Core\Features\Bores\BoreJudge;
use NorthLedger\Core\Features\Bores\CylinderToPlan;
use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Features\Bores\ReborePlan;
use NorthLedger\Core\Quantity\Length;

/** The ways of a block, from its judged bores, by its sheet and the shop's allowances and prices (BORE-11). */
final readonly class BlockPlanning
{
    public BlockPrices $prices;

    private BoreAllowances $allowances;

    public function __construct(private SpecificationSheet $sheet, ShopPolicy $policy)
    {
        $this->prices = BlockPrices::of($policy->prices, $sheet);
        $this->allowances = $policy->boreAllowances($sheet->unit);
    }

    /**
     * @param  non-empty-list<JudgedBore>  $bores
     * @param  bool  $isScrap  Of the block, whatever its bores read
     */
    public function plan(array $bores, Length $currentStep, bool $isScrap): ReborePlan
    {
        $block = new BlockToPlan(
            $this->sheet->bore->nominal,
            $currentStep,
            $this->sheet->bore->oversizes,
            $this->sheet->bore->largestStep,
            $this->allowances->cleanUpStock,
            $this->sheet->bore->standardWall,
            $this->sheet->bore->minimumWall,
            $this->allowances->shiftOf($this->sheet->bore),
            $this->sheet->cylinders !== CylinderKind::Separate,
            $isScrap,
        );

        return ReborePlan::of($block, $this->cylinders($bores, $block), $this->prices);
    }

    /**
     * The way that the customer alone can open; null where there is none.
     *
     * @param  non-empty-list<JudgedBore>  $bores
     */
    public function knownPits(array $bores, BoreJudge $judge, ReborePlan $plan): ?KnownPits
    {
        if (! KnownPits::areOpen(...$bores)) {
            return null;
        }
        $accepted = KnownPits::accepted($bores, $judge);

        return KnownPits::between(
            $plan->options[0],
            $plan->withCylinders($this->cylinders($accepted, $plan->block))->options[0],
            $accepted,
            $this->sheet->bore->service->clearance,
        );
    }

    /**
     * @param  list<JudgedBore>  $bores
     * @return list<CylinderToPlan>
     */
    private function cylinders(array $bores, BlockToPlan $block): array
    {
        $shift = $this->allowances->shiftOf($this->sheet->bore);

        return array_map(
            static fn (JudgedBore $bore): CylinderToPlan => CylinderToPlan::fromJudged(
                $bore,
                $block->asMade(),
                $block->cleanUpStock,
                $shift,
            ),
            $bores,
        );
    }
}
