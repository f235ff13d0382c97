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

        return new self($code, $byCode === [] ? throw PlanningException::tooFew("choices of {$code}", 0, 1) : $byCode, $bank);
    }

    public function givesABore(): bool
    {
        return array_filter($this->choices, static fn (Choice $choice): bool => $choice->bore !== null) !== [];
    }

    public function cutsAHead(): bool
    {
        return array_filter($this->choices, static fn (Choice $choice): bool => $choice->headCut->isPositive()) !== [];
    }

    /** True where nothing that is chosen here can forbid a plan. */
    public function cutsNothing(): bool
    {
        return array_filter($this->choices, static fn (Choice $choice): bool => ! $choice->cutsNothing()) === [];
    }

    /**
     * Without the choices that no best plan can hold: another one is no worse in anything, and costs less or stands before them, so that
     * it wins the ties as well.
     */
    public function withoutTheBeaten(): self
    {
        $standing = [];
        $choices = array_values($this->choices);
        foreach ($choices as $index => $choice) {
            $beaten = array_filter(
                $choices,
                static fn (Choice $other, int $place): bool => $place !== $index &&
                    $other->isNoWorseThan($choice) &&
                    ($place < $index || $other->cost->minor < $choice->cost->minor),
                ARRAY_FILTER_USE_BOTH,
            );
            if ($beaten === []) {
                $standing[] = $choice;
            }
        }

        return self::of($this->code, $standing, $this->bank);
    }
}
