<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning\Choices;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\BankBounds;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\EnginePlans;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\OfferedPart;
use NorthLedger\Core\Planning\PlannedPart;
use NorthLedger\Core\Planning\PlannedSpaces;
use NorthLedger\Core\Quantity\Money;

/**
 * Everything that can be done about every part of one engine, as far as its readings go, and the plans that come of it (PLAN-1 to PLAN-3).
 */
final class EngineChoices
{
    /** @var array<string, ?EnginePlans> Made when first asked for */
    private array $plans = [];

    /**
     * @param  array<string, OfferedPart>  $parts  By code
     * @param  array<string, OfferedPart>  $cautious  The same where every trace fails that a way of the bores rests on (BORE-11a)
     * @param  array<int, BankBounds>  $bounds  By bank
     */
    private function __construct(public readonly array $parts, private readonly array $cautious, private readonly array $bounds)
    {
    }

    public static function of(EngineToPlan $engine): self
    {
        $bores = BoreChoices::of($engine);
        $beside = [
            ...CrankshaftChoices::of($engine),
            ...HousingChoices::of($engine),
            ...RodChoices::of($engine),
            ...FaceChoices::of($engine),
            ...HeadChoices::of($engine),
            ...CrackRepairs::parts($engine),
            ...OtherChoices::of($engine),
            ...RunningChoices::of($engine),
        ];
        $beside =
            ($bores === [] && $beside === []) || ! $engine->isHere(EnginePart::Block)
                ? $beside
                : [...$beside, OtherChoices::gaskets($engine)];
        $beside = [...$beside, ...BalanceChoices::of($engine, [...$bores, ...$beside])];
        $parts = HostedParts::of([...$bores, ...$beside], $engine);
        $hangsOnATrace = $engine->inspection->bores()->recommendation?->stake !== null;

        return new self(
            $parts,
            $hangsOnATrace ? HostedParts::of([...BoreChoices::ifTracesFail($engine), ...$beside], $engine) : $parts,
            PlannedSpaces::bounds($engine, $parts),
        );
    }

    /** @return list<OfferedPart> Of which nothing may be chosen that makes them good */
    public function withoutAChoice(): array
    {
        return array_values(array_filter($this->parts, static fn (OfferedPart $part): bool => $part->open() === []));
    }

    /**
     * By the shop's preference and the customer's budget (PLAN-3).
     *
     * @param  array<string, string>  $picked  Choices that stand already, by part; those that are not there any more are passed over
     * @return ?EnginePlan Null where nothing is planned, or no plan is allowed
     */
    public function recommended(Preference $preference, ?Money $budget, array $picked = []): ?EnginePlan
    {
        return $this->best(
            'recommended '.json_encode($picked, JSON_THROW_ON_ERROR),
            self::fixed($this->cautious, $picked),
            static fn (OfferedChoice $choice): bool => $choice->isRecommendable(),
            static fn (EnginePlans $plans): EnginePlan => $plans->recommended($preference, $budget),
        );
    }

    public function cheapest(): ?EnginePlan
    {
        $pick = static fn (EnginePlans $plans): EnginePlan => $plans->cheapest();

        return $this->best('offered', $this->parts, self::isOffered(...), $pick);
    }

    /** What leaves a known defect is not called long-lived, however many sizes it keeps. */
    public function longestLived(): ?EnginePlan
    {
        $sound = array_map(static fn (OfferedPart $part): OfferedPart => $part->without(Bar::WantsAcceptance), $this->parts);

        return $this->best(
            array_map(self::count(...), $sound) === array_map(self::count(...), $this->parts) ? 'offered' : 'sound',
            $sound,
            self::isOffered(...),
            static fn (EnginePlans $plans): EnginePlan => $plans->longestLived(),
        );
    }

    /**
     * A plan as somebody put it together, allowed or not.
     *
     * @param  array<string, string>  $codes  Of the choices, by part
     * @return ?EnginePlan Null where there is no such plan
     */
    public function plan(array $codes): ?EnginePlan
    {
        try {
            return $this->all()?->plan($codes);
        } catch (PlanningException) {
            return null;
        }
    }

    /** Every plan that may be put together; null where nothing is planned, or a part has no choice left. */
    public function all(): ?EnginePlans
    {
        return $this->plansOf('all', $this->parts, static fn (OfferedChoice $choice): bool => ! $choice->isForbidden());
    }

    /**
     * @param  array<string, OfferedPart>  $parts
     * @param  array<string, string>  $picked
     * @return array<string, OfferedPart> Of each part that something was picked for, nothing else
     */
    private static function fixed(array $parts, array $picked): array
    {
        $picked = HostedParts::followed($parts, array_diff_key($picked, [BalanceChoices::CODE => '']));
        foreach ($parts as $code => $part) {
            $choice = $part->choice($picked[$code] ?? '');
            if ($choice !== null && ! $choice->isForbidden()) {
                $parts[$code] = $part->only($choice);
            }
        }

        return $parts;
    }

    private static function count(OfferedPart $part): int
    {
        return count($part->choices);
    }

    private static function isOffered(OfferedChoice $choice): bool
    {
        return array_filter($choice->bars, static fn (Bar $bar): bool => $bar->keepsOutOfOffers()) === [];
    }

    /**
     * @param  array<string, OfferedPart>  $parts
     * @param  callable(OfferedChoice): bool  $isOpen
     * @param  callable(EnginePlans): EnginePlan  $pick
     */
    private function best(string $name, array $parts, callable $isOpen, callable $pick): ?EnginePlan
    {
        $plans = $this->plansOf($name, $parts, $isOpen);
        try {
            return $plans === null ? null : $this->plan($pick($plans)->codes());
        } catch (PlanningException) {
            return null;
        }
    }

    /**
     * @param  array<string, OfferedPart>  $parts
     * @param  callable(OfferedChoice): bool  $isOpen  Where it leaves a part nothing, all of that part that is not forbidden is open
     */
    private function plansOf(string $name, array $parts, callable $isOpen): ?EnginePlans
    {
        if (! array_key_exists($name, $this->plans)) {
            $this->plans[$name] = $parts === [] || $this->withoutAChoice() !== [] ? null : $this->made($parts, $isOpen);
        }

        return $this->plans[$name];
    }

    /**
     * @param  array<string, OfferedPart>  $parts
     * @param  callable(OfferedChoice): bool  $isOpen
     */
    private function made(array $parts, callable $isOpen): EnginePlans
    {
        $planned = [];
        foreach ($parts as $part) {
            $open = array_values(array_filter($part->open(), $isOpen));
            $planned[] = PlannedPart::of($part->code, array_column($open === [] ? $part->open() : $open, 'choice'), $part->bank);
        }

        $exclusions = [...HostedParts::exclusions($parts, $planned), ...BalanceChoices::exclusions($parts, $planned)];

        return EnginePlans::of($planned, $exclusions, $this->bounds);
    }
}
