<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Finding\PlanningException;

/** A part that needs something, and what can be done about it (PLAN-1). */
final readonly class PlannedPart
{
    /**
     * @param  non-empty-array<string, Choice>  $choices  By code
     * @param  ?int  $bank  The one whose deck or head it touches, from 1 on; null where it touches all of them alike
     */
    private function __construct(public string $code, public array $choices, public ?int $bank)
    {
    }

    /**
     * @param  list<Choice>  $choices  In the order in which they are tried and shown
     *
     * @throws PlanningException If there is none, or one stands twice
     */
    public static function of(string $code, array $choices, ?int $bank = null): self
    {
        $byCode = [];
        foreach ($choices as $choice) {
            isset($byCode[$choice->code]) && throw PlanningException::sameChoiceTwice($code, $choice->code);
            $byCode[$choice->code] = $choice;
        }

        return new self($code, $byCode === [] ? throw PlanningException::tooFew('choices', 0, 1, $code) : $byCode, $bank);
    }

    public function givesABore(): bool
    {
        return array_filter($this->choices, static fn (Choice $choice): bool => $choice->bore !== null) !== [];
    }

    public function cutsAHead(): bool
    {
        return array_filter($this->choices, static fn (Choice $choice): bool => $choice->headCut->isPositive()) !== [];
    }
}
