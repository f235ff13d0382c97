<?php

declare(strict_types=1);

namespace Tests\Core;

use DateTimeImmutable;
use NorthLedger\Core\Features\Faces\DeckToTarget;
use NorthLedger\Core\Finding\PlanningException;
use NorthLedger\Core\Planning\BankBounds;
use NorthLedger\Core\Planning\Choice;
use NorthLedger\Core\Planning\CustomerWay;
use NorthLedger\Core\Planning\EnginePlans;
use NorthLedger\Core\Planning\PlannedPart;
use NorthLedger\Core\Planning\ReadyDay;
use NorthLedger\Core\Planning\WayKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a customer chooses among, when it is ready, and what comes off a deck for a wanted distance (PLAN-4, DECK-6). */
final class CustomerWaysTest extends TestCase
{
    public function test_plans_that_are_the_same_are_one_way_and_the_recommended_stands_first(): void
    {
        $plans = self::plans();
        [$stay, $bore] = [$plans->plan(['block' => 'stay']), $plans->plan(['block' => 'bore'])];

        $this->assertSame([['recommended', 'cheapest', 'longest_lived']], self::kinds(CustomerWay::all($stay, $stay, $stay)));
        $this->assertSame([['recommended', 'longest_lived'], ['cheapest']], self::kinds(CustomerWay::all($bore, $stay, $bore)));
        $this->assertSame([['recommended'], ['cheapest', 'longest_lived']], self::kinds(CustomerWay::all($bore, $stay, $stay)));
        $this->assertSame([['recommended']], self::kinds(CustomerWay::all($bore, null, null)));
    }

    public function test_a_way_says_what_it_costs_and_leaves_against_the_recommended(): void
    {
        $plans = self::plans();
        $ways = CustomerWay::all($plans->plan(['block' => 'stay']), $plans->cheapest(), $plans->longestLived());

        $this->assertSame(['recommended', 'longest_lived'], array_map(static fn (CustomerWay $way): string => $way->code(), $ways));
        $this->assertSame([0, []], [$ways[0]->more->minor, $ways[0]->moreLife]);
        $this->assertSame([400, ['block' => 2]], [$ways[1]->more->minor, $ways[1]->moreLife]);
    }

    /** @return iterable<string, array{string, int, int, string}> */
    public static function days(): iterable
    {
        yield 'an hour of work is a day of its own' => ['2026-11-30', 0, 60, '2026-12-01'];
        yield 'nothing to work takes a day as well' => ['2026-11-30', 0, 0, '2026-12-01'];
        yield 'half a day more than a day' => ['2026-11-30', 0, 241, '2026-12-02'];
        yield 'over a weekend' => ['2026-12-03', 0, 480, '2026-12-07'];
        yield 'parts that come on a Saturday wait for Monday' => ['2026-11-30', 5, 60, '2026-12-07'];
        yield 'parts first, then the machines' => ['2026-11-30', 8, 480, '2026-12-10'];
    }

    #[DataProvider('days')]
    public function test_the_day_follows_from_parts_and_machine_hours(string $begun, int $lead, int $minutes, string $ready): void
    {
        $this->assertSame($ready, ReadyDay::of(new DateTimeImmutable("{$begun} 15:40"), $lead, $minutes)->format('Y-m-d'));
    }

    /** Four corners, wanted flush: the highest piston bounds a parallel cut, what is left over says how far it is from square. */
    public function test_the_corner_whose_piston_stands_highest_bounds_a_parallel_cut(): void
    {
        $drops = array_map(static fn (int $micrometres): Length => Length::ofNanometres($micrometres * 1_000), [
            1 => 260,
            7 => 230,
            2 => 280,
            8 => 250,
        ]);
        $flush = DeckToTarget::of($drops, Length::zero());
        $this->assertNotNull($flush);
        $this->assertSame(
            [1 => 260_000, 7 => 230_000, 2 => 280_000, 8 => 250_000],
            array_map(static fn (Length $cut): int => $cut->nanometres, $flush->cuts),
        );
        $this->assertSame([230_000, 50_000, true], [$flush->parallel->nanometres, $flush->spread->nanometres, $flush->canBeReached()]);

        $first = DeckToTarget::of(array_intersect_key($drops, [1 => 0, 7 => 0]), Length::zero());
        $second = DeckToTarget::of(array_intersect_key($drops, [2 => 0, 8 => 0]), Length::ofNanometres(10_000));
        $this->assertNotNull($first);
        $this->assertNotNull($second);
        $this->assertSame([30_000, 30_000], [$first->along()?->nanometres, $second->along()?->nanometres], 'both fall to the rear');
        $this->assertSame([-10_000, 10_000], [$first->above($second)->nanometres, $second->above($first)->nanometres]);
        $this->assertNull(DeckToTarget::of([1 => Length::zero()], Length::zero())?->along());

        $this->assertTrue(
            DeckToTarget::of($drops, Length::ofNanometres(230_000))?->canBeReached(),
            'nothing comes off, and nothing has to',
        );
        $this->assertFalse(DeckToTarget::of($drops, Length::ofNanometres(230_001))?->canBeReached(), 'metal would have to be added');
        $this->assertNull(DeckToTarget::of([], Length::zero()));
    }

    public function test_what_cannot_be_a_choice_or_a_bound_is_refused(): void
    {
        $refused = 0;
        foreach (
            [
                static fn () => Choice::of('x', Money::ofMinor(-1), 0, 0),
                static fn () => Choice::of('x', Money::zero(), -1, 0),
                static fn () => Choice::of('x', Money::zero(), 0, 0, -1),
                static fn () => Choice::of('x', Money::zero(), 0, 0, bore: Length::zero()),
                static fn () => Choice::of('x', Money::zero(), 0, 0, deckCut: Length::ofNanometres(-1)),
                static fn () => PlannedPart::of('x', [self::choice('a', 0, 0), self::choice('a', 0, 0)]),
                static fn () => EnginePlans::of([self::part(), self::part()], [], [1 => BankBounds::none()]),
                static fn () => BankBounds::of([], 9.0, 8.0),
                static fn () => BankBounds::of([], leastDeckHeight: Length::ofNanometres(1)),
                static fn () => BankBounds::of([], leastDeckClearance: Length::zero()),
                static fn () => self::plans()->plan(['block' => 'weld']),
            ] as $attempt
        ) {
            try {
                $attempt();
            } catch (PlanningException $exception) {
                $refused++;
                $this->assertStringStartsWith('refusal.', $exception->said()->code);
            }
        }
        $this->assertSame(11, $refused);
    }

    /**
     * @param  list<CustomerWay>  $ways
     * @return list<list<string>>
     */
    private static function kinds(array $ways): array
    {
        return array_map(
            static fn (CustomerWay $way): array => array_map(static fn (WayKind $kind): string => $kind->value, $way->kinds),
            $ways,
        );
    }

    private static function plans(): EnginePlans
    {
        return EnginePlans::of([self::part()], [], [1 => BankBounds::none()]);
    }

    private static function part(): PlannedPart
    {
        return PlannedPart::of('block', [self::choice('stay', 100, 1), self::choice('bore', 500, 3)]);
    }

    private static function choice(string $code, int $cost, int $life): Choice
    {
        return Choice::of($code, Money::ofMinor($cost), 60, 0, $life);
    }
}
