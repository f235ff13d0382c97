<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\BankBounds;
use NorthLedger\Core\Planning\Choice;
use NorthLedger\Core\Planning\EnginePlan;
use NorthLedger\Core\Planning\EnginePlans;
use NorthLedger\Core\Planning\Exclusion;
use NorthLedger\Core\Planning\PlannedPart;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class EnginePlansTest extends TestCase
{
    /** @return iterable<string, array{int}> */
    public static function seeds(): iterable
    {
        foreach (range(1, 60) as $seed) {
            yield "seed {$seed}" => [$seed];
        }
    }

    /** What is left out of the walk is never the answer: every plan, put together one by one, agrees. */
    #[DataProvider('seeds')]
    public function test_no_plan_is_better_than_the_one_that_is_picked(int $seed): void
    {
        $random = new Randomizer(new Mt19937($seed));
        [$parts, $exclusions, $bounds] = self::engine($random);
        $plans = EnginePlans::of($parts, $exclusions, $bounds);
        $all = self::everyPlan($plans, $parts);
        $allowed = array_values(array_filter($all, static fn (EnginePlan $plan): bool => $plan->isAllowed()));
        $this->assertSame([count($all), count($allowed)], [$plans->count(), $plans->allowed()]);
        $this->assertEqualsCanonicalizing(self::obstacles($all), $plans->forbidden());
        if ($allowed === []) {
            $this->expectException(PlanningException::class);
        }
        $budget = $random->getInt(0, 2) === 0 ? null : Money::ofMinor($random->getInt(0, 40));
        foreach (Preference::cases() as $preference) {
            $this->assertSame(
                self::best($allowed, $preference, $budget)?->codes(),
                $plans->recommended($preference, $budget)->codes(),
                $preference->value,
            );
        }
        $this->assertSame(self::best($allowed, Preference::Cost, null)?->codes(), $plans->cheapest()->codes());
        $this->assertSame(self::best($allowed, Preference::Life, null)?->codes(), $plans->longestLived()->codes());
    }

    public function test_a_cut_off_one_bank_leaves_the_other_bank_alone(): void
    {
        $cut = Choice::of('face', Money::zero(), 0, 0, deckCut: Length::ofNanometres(300_000));
        $bank = BankBounds::of([], deckHeight: Length::ofNanometres(200_000_000), leastDeckHeight: Length::ofNanometres(199_500_000));
        $plans = EnginePlans::of(
            [PlannedPart::of('deck 1', [$cut], 1), PlannedPart::of('deck 2', [$cut], 2)],
            [],
            [1 => $bank, 2 => $bank],
        );

        $this->assertSame([], $plans->cheapest()->obstacles);
        $both = EnginePlans::of([PlannedPart::of('deck 1', [$cut], 1), PlannedPart::of('all decks', [$cut])], [], [1 => $bank, 2 => $bank]);
        $this->assertSame(['deck_too_low' => 1], $both->forbidden());
    }

    /** @return array{list<PlannedPart>, list<Exclusion>, array<int, BankBounds>} */
    private static function engine(Randomizer $random): array
    {
        $parts = [];
        foreach (range(1, $random->getInt(1, 5)) as $number) {
            $choices = [];
            foreach (range(1, $random->getInt(1, 4)) as $choice) {
                $choices[] = Choice::of(
                    "c{$choice}",
                    Money::ofMinor($random->getInt(0, 4)),
                    $random->getInt(0, 2),
                    $random->getInt(0, 2),
                    $random->getInt(0, 3) === 0 ? null : $random->getInt(0, 2),
                    deckCut: Length::ofNanometres($random->getInt(0, 3) === 0 ? $random->getInt(1, 3) : 0),
                );
            }
            $parts[] = PlannedPart::of("p{$number}", $choices, $random->getInt(0, 1) === 0 ? null : $random->getInt(1, 2));
        }
        $exclusions = [];
        foreach (count($parts) > 1 ? range(1, $random->getInt(1, 2)) : [] as $ignored) {
            [$one, $other] = $random->pickArrayKeys($parts, 2);
            $exclusions[] = new Exclusion($parts[$one]->code, 'c1', $parts[$other]->code, 'c1');
        }
        $bank = BankBounds::of([], deckHeight: Length::ofNanometres(10), leastDeckHeight: Length::ofNanometres($random->getInt(4, 8)));

        return [$parts, $exclusions, [1 => $bank, 2 => $bank]];
    }

    /**
     * @param  list<PlannedPart>  $parts
     * @return list<EnginePlan> In the order of their choices
     */
    private static function everyPlan(EnginePlans $plans, array $parts): array
    {
        $codes = [[]];
        foreach ($parts as $part) {
            $longer = [];
            foreach ($codes as $soFar) {
                foreach (array_keys($part->choices) as $choice) {
                    $longer[] = $soFar + [$part->code => $choice];
                }
            }
            $codes = $longer;
        }

        return array_map($plans->plan(...), $codes);
    }

    /**
     * @param  list<EnginePlan>  $all
     * @return array<string, int>
     */
    private static function obstacles(array $all): array
    {
        return array_count_values(
            array_merge(
                [],
                ...array_map(
                    static fn (EnginePlan $plan): array => array_map(
                        static fn (PlanObstacle $obstacle): string => $obstacle->value,
                        $plan->obstacles,
                    ),
                    $all,
                ),
            ),
        );
    }

    /** @param  list<EnginePlan>  $allowed */
    private static function best(array $allowed, Preference $preference, ?Money $budget): ?EnginePlan
    {
        $within = array_filter($allowed, static fn (EnginePlan $plan): bool => $plan->over($budget) === null);
        if ($within === []) {
            [$within, $preference] = [$allowed, Preference::Cost];
        }
        $lasting = array_filter($within, static fn (EnginePlan $plan): bool => ($plan->leastLife ?? 1) >= 1);
        $byCost = static fn (EnginePlan $plan): array => [$plan->cost->minor, $plan->minutes, $plan->leadDays];
        $byLife = static fn (EnginePlan $plan): array => [
            -($plan->leastLife ?? PHP_INT_MAX),
            -array_sum(array_map(static fn (Choice $choice): int => (int) $choice->life, $plan->choices)),
            ...$byCost($plan),
        ];
        [$from, $measure] = match ($preference) {
            Preference::Cost => [$within, $byCost],
            Preference::Life => [$within, $byLife],
            Preference::Balanced => [$lasting === [] ? $within : $lasting, $byCost],
        };
        // Sorting keeps the order of equals.
        usort($from, static fn (EnginePlan $one, EnginePlan $other): int => $measure($one) <=> $measure($other));

        return $from[0] ?? null;
    }
}
