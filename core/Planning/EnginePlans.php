<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;

/** Every plan of an engine: one choice for every part, all combinations looked at, and those that are best (PLAN-2, PLAN-3). */
final readonly class EnginePlans
{
    /**
     * @param  array<string, PlannedPart>  $parts  By code
     * @param  array<int, BankBounds>  $bounds  By bank
     */
    private function __construct(public array $parts, private array $bounds, private PlanSearch $search)
    {
    }

    /**
     * @param  list<PlannedPart>  $parts  In the order in which ties are decided
     * @param  list<Exclusion>  $exclusions
     * @param  array<int, BankBounds>  $bounds  By bank; at least of one
     *
     * @throws PlanningException If there is no part, one stands twice, two give a bore, an exclusion names what is not there, or a head is
     *     cut whose chamber nobody knows
     */
    public static function of(array $parts, array $exclusions, array $bounds): self
    {
        $byCode = [];
        foreach ($parts as $part) {
            isset($byCode[$part->code]) && throw PlanningException::samePartTwice($part->code);
            $byCode[$part->code] = $part;
        }
        $byCode === [] && throw PlanningException::tooFew('parts', 0, 1);
        $boring = count(array_filter($byCode, static fn (PlannedPart $part): bool => $part->givesABore()));
        $boring > 1 && throw PlanningException::impossible('boring_parts', $boring);
        foreach ($byCode as $part) {
            $part->cutsAHead() && self::mustKnowItsLoss($part, $bounds);
        }
        $search = new PlanSearch($parts, $exclusions, $bounds);
        $search->run();

        return new self($byCode, $bounds, $search);
    }

    /** How many plans there are. */
    public function count(): int
    {
        return (int) array_product(array_map(static fn (PlannedPart $part): int => count($part->choices), $this->parts));
    }

    /** How many of them are allowed. */
    public function allowed(): int
    {
        return $this->search->count;
    }

    /** @return array<string, int> In how many plans each obstacle holds; without those that hold in none */
    public function forbidden(): array
    {
        return $this->search->forbidden();
    }

    /**
     * By the shop's preference, among those within the customer's budget; where none is within it, the cheapest.
     *
     * @throws PlanningException If no plan is allowed
     */
    public function recommended(Preference $preference, ?Money $budget): EnginePlan
    {
        $within = array_values(
            array_filter(
                $this->search->allowed,
                static fn (PlanFigures $figures): bool => $budget === null || $figures->cost <= $budget->minor,
            ),
        );
        if ($within === []) {
            return $this->cheapest();
        }
        $lasting =
            $preference === Preference::Balanced
                ? array_values(array_filter($within, static fn (PlanFigures $figures): bool => $figures->leastLife >= 1))
                : [];

        return $preference === Preference::Life
            ? $this->least($within, static fn (PlanFigures $figures): array => $figures->byLife())
            : $this->least($lasting === [] ? $within : $lasting, static fn (PlanFigures $figures): array => $figures->byCost());
    }

    /** @throws PlanningException If no plan is allowed */
    public function cheapest(): EnginePlan
    {
        return $this->least($this->search->allowed, static fn (PlanFigures $figures): array => $figures->byCost());
    }

    /** @throws PlanningException If no plan is allowed */
    public function longestLived(): EnginePlan
    {
        return $this->least($this->search->allowed, static fn (PlanFigures $figures): array => $figures->byLife());
    }

    /**
     * A plan as somebody puts it together, allowed or not.
     *
     * @param  array<string, string>  $codes  Of the choices, by part
     *
     * @throws PlanningException If a part has no such choice, or none was made for one
     */
    public function plan(array $codes): EnginePlan
    {
        $figures = PlanFigures::ofNothing(array_keys($this->bounds));
        foreach ($this->parts as $part) {
            $code = $codes[$part->code] ?? '';
            $figures = $figures->with($part, $part->choices[$code] ?? throw PlanningException::noSuchChoice($part->code, $code));
        }

        return $this->assembled($figures);
    }

    /**
     * @param  list<PlanFigures>  $figures
     * @param  callable(PlanFigures): list<int>  $measure  The least of it wins, and of equals the first
     */
    private function least(array $figures, callable $measure): EnginePlan
    {
        $best = $least = null;
        foreach ($figures as $one) {
            $measured = $measure($one);
            if ($least === null || $measured < $least) {
                [$best, $least] = [$one, $measured];
            }
        }

        return $this->assembled($best ?? throw PlanningException::nothingAllowed());
    }

    private function assembled(PlanFigures $figures): EnginePlan
    {
        $choices = $ratios = [];
        foreach ($this->parts as $part) {
            $choices[$part->code] = $part->choices[$figures->codes[$part->code]];
        }
        foreach ($this->bounds as $bank => $bounds) {
            $ratios[$bank] = $bounds->ratiosAfter(
                $figures->bore === null ? null : Length::ofNanometres($figures->bore),
                Length::ofNanometres($figures->deckCuts[$bank]),
                Length::ofNanometres($figures->headCuts[$bank]),
            );
        }

        return new EnginePlan(
            $choices,
            Money::ofMinor($figures->cost),
            $figures->minutes,
            $figures->leadDays,
            $figures->leastLife === PlanFigures::NO_LIMIT ? null : $figures->leastLife,
            array_filter($ratios, static fn (array $ofBank): bool => $ofBank !== []),
            $this->search->obstaclesTo($figures),
        );
    }

    /** @param  array<int, BankBounds>  $bounds */
    private static function mustKnowItsLoss(PlannedPart $part, array $bounds): void
    {
        foreach ($bounds as $bank => $ofBank) {
            foreach ($part->bank === null || $part->bank === $bank ? $ofBank->spaces : [] as $space) {
                $space->knowsItsLoss() || throw PlanningException::missing('chamber_loss');
            }
        }
    }
}
