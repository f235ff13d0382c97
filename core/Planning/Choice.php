<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** One way of doing one part, with everything that a plan has to know of it (PLAN-1). */
final readonly class Choice
{
    /**
     * @param  string  $code  Its identity within the part
     * @param  int  $leadDays  The longest that one of its parts takes to come
     * @param  ?int  $life  How many further steps the part has afterwards; null where that says nothing
     * @param  ?Length  $bore  That it gives; null where it leaves the bore as it is
     * @param  Length  $deckCut  Off each deck that the part touches
     * @param  Length  $headCut  Off each head that the part touches
     */
    private function __construct(
        public string $code,
        public Money $cost,
        public int $minutes,
        public int $leadDays,
        public ?int $life,
        public ?Length $bore,
        public Length $deckCut,
        public Length $headCut,
    ) {
    }

    /** @throws PlanningException If a number is below zero, or the bore not above it */
    public static function of(
        string $code,
        Money $cost,
        int $minutes,
        int $leadDays,
        ?int $life = null,
        ?Length $bore = null,
        ?Length $deckCut = null,
        ?Length $headCut = null,
    ): self {
        $deckCut ??= Length::zero();
        $headCut ??= Length::zero();
        foreach (
            [
                'cost' => $cost->minor,
                'minutes' => $minutes,
                'days' => $leadDays,
                'steps_that_remain' => $life ?? 0,
                'cut_off_a_deck' => $deckCut->nanometres,
                'cut_off_a_head' => $headCut->nanometres,
            ] as $what => $number
        ) {
            $number < 0 && throw PlanningException::impossible($what, $number);
        }
        $bore === null || $bore->isPositive() || throw PlanningException::impossible('bore', $bore->nanometres);

        return new self($code, $cost, $minutes, $leadDays, $life, $bore, $deckCut, $headCut);
    }

    /** True where no plan is worse for taking this one in the other's place: whatever is wanted first, and whatever else is chosen. */
    public function isNoWorseThan(self $other): bool
    {
        return $this->cost->minor <= $other->cost->minor &&
            $this->minutes <= $other->minutes &&
            $this->leadDays <= $other->leadDays &&
            ($this->life === null) === ($other->life === null) &&
            $this->life >= $other->life;
    }
}
