<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Quantity\Money;

/** One choice for every part, and what they come to together (PLAN-2). */
final readonly class EnginePlan
{
    /**
     * @param  array<string, Choice>  $choices  By part
     * @param  int  $minutes  Of all machines together
     * @param  int  $leadDays  Of the part that comes last
     * @param  ?int  $leastLife  Of the part with the fewest steps afterwards; null where none says
     * @param  array<int, list<float>>  $ratios  By bank: of each cylinder that differs; none where the ratio is not judged
     * @param  list<PlanObstacle>  $obstacles  Why it is forbidden; none where it is allowed
     */
    public function __construct(
        public array $choices,
        public Money $cost,
        public int $minutes,
        public int $leadDays,
        public ?int $leastLife,
        public array $ratios,
        public array $obstacles,
    ) {
    }

    public function isAllowed(): bool
    {
        return $this->obstacles === [];
    }

    /** @return array<string, string> By part */
    public function codes(): array
    {
        return array_map(static fn (Choice $choice): string => $choice->code, $this->choices);
    }

    public function isSameAs(self $other): bool
    {
        return $this->codes() === $other->codes();
    }

    /** How much it costs beyond a budget; null without one, or within it (PLAN-3). */
    public function over(?Money $budget): ?Money
    {
        return $budget === null || $this->cost->minor <= $budget->minor ? null : $this->cost->minus($budget);
    }
}
