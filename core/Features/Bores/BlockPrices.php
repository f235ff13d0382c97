<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Policy\Price;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\PriceList;
use NorthLedger\Core\Engine\Specification\CylinderKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** What the ways of making one block good cost, and how many minutes they hold a machine (BORE-11). */
final readonly class BlockPrices
{
    /**
     * @param  array<int, Money>  $pistonSets  By the nanometres of the step
     * @param  ?Money  $piston  One new piston of the present size; null where no cylinder wants one
     */
    public function __construct(
        private int $cylinders,
        private Money $setup,
        private Money $bore,
        private Money $hone,
        private Money $sleeve,
        private Money $ringSet,
        private array $pistonSets,
        public Money $replacement,
        private int $setupMinutes,
        private int $boreMinutes,
        private int $honeMinutes,
        private int $sleeveMinutes,
        private ?Money $piston = null,
    ) {
    }

    public static function of(PriceList $list, SpecificationSheet $sheet): self
    {
        $cylinders = count($sheet->layout->cylinders());
        $price = static fn (PriceItem $item): Price => $list->of($item, $sheet->family);
        $piston = $price(PriceItem::Piston)->each();
        $pistonSets = [];
        foreach ($sheet->bore->oversizes as $step) {
            $pistonSets[$step->nanometres] = $piston->times($cylinders);
        }

        return new self(
            $cylinders,
            $price(PriceItem::BoreSetup)->each(),
            $price(PriceItem::Bore)->each(),
            $price(PriceItem::Hone)->each(),
            $price(PriceItem::Sleeve)->each(),
            $price(PriceItem::Rings)->each()->times($cylinders),
            $pistonSets,
            $sheet->cylinders === CylinderKind::Separate
                ? $price(PriceItem::Cylinder)->each()->times($cylinders)
                : $price(PriceItem::Block)->each(),
            $price(PriceItem::BoreSetup)->setupMinutes,
            $price(PriceItem::Bore)->runMinutes,
            $price(PriceItem::Hone)->runMinutes,
            $price(PriceItem::Sleeve)->runMinutes,
            $piston,
        );
    }

    /** @throws PlanningException If new pistons are wanted and have no price */
    public function costOfStaying(int $sleeved, int $newPistons): Money
    {
        $cost = $this->hone->times($this->cylinders)->plus($this->ringSet);
        if ($newPistons > 0) {
            $cost = $cost->plus(($this->piston ?? throw PlanningException::missing('price_of_a_piston'))->times($newPistons));
        }

        return $sleeved === 0 ? $cost : $cost->plus($this->setup)->plus($this->bore->plus($this->sleeve)->times($sleeved));
    }

    public function minutesOfStaying(int $sleeved): int
    {
        $minutes = $this->cylinders * $this->honeMinutes;

        return $sleeved === 0 ? $minutes : $minutes + $this->setupMinutes + $sleeved * ($this->boreMinutes + $this->sleeveMinutes);
    }

    /** @throws PlanningException If no piston set of that step has a price */
    public function costOfBoring(Length $step, int $sleeved): Money
    {
        return $this->setup
            ->plus($this->bore->plus($this->hone)->times($this->cylinders))
            ->plus($this->sleeve->times($sleeved))
            ->plus($this->pistonSets[$step->nanometres] ?? throw PlanningException::noPistonPrice($step->nanometres));
    }

    public function minutesOfBoring(int $sleeved): int
    {
        return $this->setupMinutes + $this->cylinders * ($this->boreMinutes + $this->honeMinutes) + $sleeved * $this->sleeveMinutes;
    }
}
