<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\EngineInspection;
use NorthLedger\Core\Assessment\InspectionPlan;
use NorthLedger\Core\Engine\Places\Looks;
use NorthLedger\Core\Engine\Policy\Preference;
use NorthLedger\Core\Engine\Policy\PriceItem;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\OptionKind;
use NorthLedger\Core\Features\Running\RunningLook;
use NorthLedger\Core\Features\Running\RunningPart;
use NorthLedger\Core\Features\Running\RunningReport;
use NorthLedger\Core\Features\Running\SeenRunningPart;
use NorthLedger\Core\Features\Running\Suspicion;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Finding\Remedy;
use NorthLedger\Core\Inspection\PlannedWork;
use NorthLedger\Core\Inspection\Section;
use NorthLedger\Core\Inspection\WorkKind;
use NorthLedger\Core\Message;
use NorthLedger\Core\Planning\Bar;
use NorthLedger\Core\Planning\BuildWishes;
use NorthLedger\Core\Planning\ChoiceKind;
use NorthLedger\Core\Planning\Choices\EngineChoices;
use NorthLedger\Core\Planning\Choices\PartsToOrder;
use NorthLedger\Core\Planning\EngineToPlan;
use NorthLedger\Core\Planning\OfferedChoice;
use NorthLedger\Core\Planning\Piece;
use NorthLedger\Core\Planning\PlanObstacle;
use NorthLedger\Core\Planning\Shelf;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Quantity\Volume;
use NorthLedger\Core\Work\Making\AgreedWork;
use NorthLedger\Core\Work\Making\EngineWork;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What can be done about every part of an engine, from its facts alone (PLAN-1). */
final class EngineChoicesTest extends TestCase
{
    private const THOU = 25_400;

    /** One bore that only the second oversize cleans up. */
    private const WORN = [1 => [12, 9, 8, 6, 2, 2]];

    public function test_a_sound_engine_is_honed_polished_and_put_together_with_new_gaskets(): void
    {
        $choices = self::choices(Bench::sheet('tarn-4-198'));

        $this->assertSame(['bores', 'mains', 'rod_journals', 'gaskets', 'balance'], array_keys($choices->parts));
        $this->assertSame(
            ['bores' => 'stay', 'mains' => 'polish', 'rod_journals' => 'polish', 'gaskets' => 'fit', 'balance' => 'fit'],
            $choices->recommended(Preference::Balanced, null)?->codes(),
        );
    }

    public function test_throws_are_moved_where_the_journals_leave_room_and_somebody_asks(): void
    {
        $base = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/tarn-4-198.json'), true);
        $this->assertIsArray($base);
        $longer = static fn (int $thou): SpecificationSheet => SpecificationSheet::fromArray(
            ['crankshaft' => ['made_stroke' => sprintf('%.4f', (float) $base['stroke'] - $thou / 1_000)] + $base['crankshaft']] + $base,
        );
        $offered = static fn (SpecificationSheet $sheet): array => array_values(
            array_map(
                static fn (OfferedChoice $one): int => (int) $one->step?->nanometres / self::THOU,
                array_filter(
                    self::choices($sheet)->parts['rod_journals']->choices,
                    static fn (OfferedChoice $one): bool => $one->kind === ChoiceKind::GrindOffset,
                ),
            ),
        );
        $this->assertSame([], $offered(Bench::sheet('tarn-4-198')));
        $this->assertSame([], $offered($longer(0)));
        $this->assertSame(
            [20, 30],
            array_slice($offered($longer(9)), 0, 2),
            'nine thou of stroke and the stock of the wheel take more than ten',
        );
        $this->assertNotContains(20, $offered($longer(19)));
        $choices = self::choices($longer(9));
        $picked = ['bores' => 'stay', 'mains' => 'polish', 'rod_journals' => 'grind_offset 508000', 'gaskets' => 'fit', 'balance' => 'fit'];
        $this->assertTrue($choices->plan($picked)?->isAllowed());
        foreach (Preference::cases() as $preference) {
            $this->assertSame('polish', $choices->recommended($preference, null)?->codes()['rod_journals']);
        }
    }

    public function test_a_whole_new_set_of_pistons_is_picked_and_never_recommended(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $choices = EngineChoices::of(self::engine($sheet, new KnownEngine($sheet, pistonUnder: 1.8)));
        $bores = $choices->parts['bores'];
        $new = $bores->choice('stay_new_pistons');
        $this->assertNotNull($new);
        $piston = self::policy([])->prices->of(PriceItem::Piston, $sheet->family)->each();
        $this->assertSame(
            $piston->times(4)->minor,
            $new->choice->cost->minus($bores->choice('stay')->choice->cost ?? Money::ofMinor(0))->minor,
        );
        foreach (Preference::cases() as $preference) {
            $this->assertSame('stay', $choices->recommended($preference, null)?->codes()['bores']);
        }
        $this->assertSame(['stay', 'stay'], [$choices->cheapest()?->codes()['bores'], $choices->longestLived()?->codes()['bores']]);
        $this->assertNull(self::choices($sheet)->parts['bores']->choice('stay_new_pistons'), 'they are all new as it is');
    }

    public function test_a_seat_that_is_burnt_gets_an_insert_and_one_that_is_pitted_is_cut(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $looks = ['heads' => ['seatface.2.ex' => Looks::BURNT, 'seatface.3.ex' => Looks::PITTED, 'seatface.4.in' => 'sound']];
        $head = self::choices($sheet, $looks)->parts['head.1']->choices[0];
        $counts = array_column(array_map(static fn (Piece $one): array => [$one->item->value, $one->count], $head->pieces), 1, 0);
        $this->assertSame([2, 1], [$counts['seat'] ?? 0, $counts['seat_insert'] ?? 0], 'an insert is cut like any other seat');
        $this->assertSame(
            ['valve.2.ex' => 'fit_seat', 'valve.3.ex' => 'cut_seats'],
            array_column(array_map(static fn (PlannedWork $one): array => [$one->about->code, $one->kind->value], $head->works), 1, 0),
        );
        $unlooked = self::choices($sheet, ['heads' => ['seatface.2.ex' => null, 'vacuum.3.ex' => 'falls']])->parts['head.1'];
        $kinds = array_map(static fn (PlannedWork $one): string => $one->kind->value, $unlooked->choices[0]->works);
        $this->assertSame(['cut_seats'], $kinds);
    }

    public function test_stripped_holes_are_paid_by_the_hole_and_stand_in_the_order_where_that_is_agreed(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $engine = new EngineToPlan(
            $sheet,
            self::policy([]),
            new EngineInspection($sheet, self::policy([]), new KnownEngine($sheet)),
            (new KnownEngine($sheet))->cracks(),
            RunningReport::none(),
            new BuildWishes(),
            Shelf::empty(),
            ['head studs' => 3, 'pan rail' => 1],
        );
        $choice = EngineChoices::of($engine)->parts['threads']->choices[0];
        $this->assertSame(
            self::policy([])->prices->of(PriceItem::ThreadInsert, $sheet->family)->each()->times(4)->minor,
            $choice->choice->cost->minor,
        );
        $bores = $engine->inspection->bores()->plan?->options[0];
        $kinds = static fn (array $agreed): array => array_map(
            static fn (Operation $one): string => $one->kind->value,
            array_values(EngineWork::order(new AgreedWork($engine, $agreed, $bores, []))->operations ?? []),
        );
        $this->assertContains('threads', $kinds(['threads' => $choice]));
        $this->assertNotContains('threads', $kinds([]));
        $this->assertArrayNotHasKey('threads', self::choices($sheet)->parts);
    }

    /** Whatever is chosen: it is paid where it is done, and done where it is paid. */
    public function test_a_crankshaft_is_balanced_for_money_where_its_pistons_or_rods_weigh_something_else(): void
    {
        $balanced = [];
        foreach (['tarn-4-198', 'brae-v8-311', 'sorrel-f4', 'quern-3-16'] as $family) {
            foreach ([[], ['rods' => ['bend.2' => 400_000]], ['crankshaft' => ['pinscore.2' => 2 * self::THOU]]] as $changes) {
                foreach ([1.1, 2.2] as $pistonUnder) {
                    $sheet = Bench::sheet($family);
                    $engine = self::engine($sheet, new KnownEngine($sheet, $changes, pistonUnder: $pistonUnder));
                    $choices = EngineChoices::of($engine);
                    foreach ([$choices->recommended(Preference::Cost, null), $choices->recommended(Preference::Life, null)] as $plan) {
                        $this->assertNotNull($plan);
                        $agreed = [];
                        foreach ($plan->codes() as $part => $code) {
                            $agreed[$part] = $choices->parts[$part]->choice($code) ?? $this->fail("No {$code} for {$part}.");
                        }
                        $bores = $engine->inspection->bores()->way($plan->codes()['bores']);
                        $order = EngineWork::order(new AgreedWork($engine, $agreed, $bores, []));
                        $isDone = $order?->ofKind(OperationKind::Balance) !== [];
                        $isPaid = ($agreed['balance'] ?? null)?->kind === ChoiceKind::Fit;
                        $this->assertSame($isDone, $isPaid, "{$family} ".json_encode($plan->codes()));
                        $balanced[] = $isPaid;
                    }
                }
            }
        }
        $this->assertContains(true, $balanced);
        $this->assertContains(false, $balanced);
    }

    /** What is past saving bounds no plan: another one goes in. */
    public function test_a_head_too_thin_and_a_deck_too_low_are_replaced(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $below = static fn (?Length $least): int => ($least->nanometres ?? 0) - 10_000;
        $thin = ['deck' => ['headheight.1' => $below($sheet->head->minimumHeight)], 'volumes' => ['chamber.2' => 1_000.0]];
        $low = ['deck' => ['deckheight.1' => $below($sheet->deck?->minimumHeight), 'todeck.1' => -90 * self::THOU]];

        foreach (Preference::cases() as $preference) {
            $this->assertSame('replace', self::choices($sheet, $thin)->recommended($preference, null)?->codes()['head.1'] ?? '');
            $codes = self::choices($sheet, $low)->recommended($preference, null)?->codes() ?? [];
            $this->assertSame(['replace', 'with_its_host'], [$codes['bores'] ?? '', $codes['deck.1'] ?? '']);
        }
    }

    public function test_an_eaten_head_is_welded_and_faced_by_less(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $eaten = ['deck' => ['headpits.1' => Looks::INSIDE_BAND, 'headpit.1' => 30 * self::THOU]];
        $engine = self::engine($sheet, new KnownEngine($sheet, $eaten));
        $head = EngineChoices::of($engine)->parts['head.1'];
        $weld =
            array_values(array_filter($head->choices, static fn (OfferedChoice $one): bool => $one->kind === ChoiceKind::Weld))[0] ?? null;
        $this->assertNotNull($weld);
        $face = static fn (OfferedChoice $one): ?PlannedWork => array_values(
            array_filter($one->works, static fn (PlannedWork $work): bool => $work->kind === WorkKind::Face),
        )[0] ?? null;
        [$deep, $shallow] = [$face($head->choices[0]), $face($weld)];
        $this->assertSame(2 * self::THOU, $weld->choice->headCut->nanometres, 'one light cut takes the weld down');
        $this->assertSame(30 * self::THOU, (int) $deep?->step?->nanometres);
        $this->assertSame(28 * self::THOU, $shallow?->target?->minus($deep->target ?? Length::zero())->nanometres, 'so much more is left');

        $order = EngineWork::order(new AgreedWork($engine, ['head.1' => $weld], null, []));
        $kinds = array_map(static fn (Operation $one): string => $one->kind->value, array_values($order->operations ?? []));
        $this->assertSame(['head weld', 'head face'], array_values(array_intersect($kinds, ['head weld', 'head face'])));
        $sound = self::choices($sheet, ['heads' => ['vacuum.3.ex' => 'falls']])->parts['head.1'];
        $this->assertSame([], array_filter($sound->choices, static fn (OfferedChoice $one): bool => $one->kind === ChoiceKind::Weld));
    }

    public function test_nothing_is_planned_of_what_nobody_has_read(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $unread = array_fill_keys(
            array_map(static fn (object $one): string => $one->place->key, InspectionPlan::of(Section::Crankshaft, $sheet)->walk()),
            null,
        );

        $this->assertSame(['bores', 'gaskets'], array_keys(self::choices($sheet, ['crankshaft' => $unread])->parts));
    }

    public function test_a_scored_rod_journal_grinds_its_group_and_another_crankshaft_brings_both(): void
    {
        $choices = self::choices(Bench::sheet('tarn-4-198'), ['crankshaft' => ['pinscore.2' => 2 * self::THOU]]);
        $ground = $choices->parts['rod_journals']->choices[0];

        $this->assertSame(['grind', 254_000], [$ground->kind->value, $ground->step?->nanometres]);
        $this->assertSame('polish', $choices->recommended(Preference::Cost, null)?->codes()['mains'], 'the mains are left as they are');
        $codes = ['bores' => 'stay', 'mains' => 'replace', 'gaskets' => 'fit', 'balance' => 'fit'];
        $this->assertTrue($choices->plan($codes + ['rod_journals' => 'with_its_host'])?->isAllowed());
        $this->assertSame(
            [PlanObstacle::NotTogether],
            $choices->plan($codes + ['rod_journals' => $ground->code()])?->obstacles,
            'nobody grinds the journals of a crankshaft that is replaced',
        );
    }

    public function test_a_crankshaft_past_saving_is_replaced_and_its_shells_come_with_it(): void
    {
        $cracked = PartDefect::found(EnginePart::Crankshaft, Remedy::Scrap, 'CRACK-5', new Message('a.crack'));
        $choices = self::choices(Bench::sheet('tarn-4-198'), defects: [$cracked]);

        $codes = array_map(static fn (OfferedChoice $one): string => $one->code(), $choices->parts['mains']->choices);
        $this->assertSame(['replace'], $codes);
        $this->assertArrayNotHasKey('rod_journals', $choices->parts);
        $items = array_map(static fn (object $piece): string => $piece->item->value, $choices->parts['mains']->choices[0]->pieces);
        $this->assertSame(['crankshaft', 'main_shells', 'rod_shells'], $items);
    }

    public function test_another_block_brings_housings_and_deck_and_is_no_choice_where_the_customer_keeps_his(): void
    {
        $bent = ['housings' => ['housing.2.90' => $this->tooLarge('tarn-4-198')]];
        $choices = self::choices(Bench::sheet('tarn-4-198'), $bent);
        $this->assertArrayHasKey('housings', $choices->parts);
        $replaced = [
            'bores' => 'replace',
            'housings' => 'with_its_host',
            'mains' => 'polish',
            'rod_journals' => 'polish',
            'gaskets' => 'fit',
            'balance' => 'leave',
        ];
        $this->assertTrue($choices->plan($replaced)?->isAllowed());
        $this->assertFalse(
            $choices->plan(['bores' => 'stay', 'balance' => 'fit'] + $replaced)?->isAllowed(),
            'housings come new only with another block',
        );

        $kept = self::choices(Bench::sheet('tarn-4-198'), $bent, wishes: new BuildWishes(keepsOriginal: true));
        $this->assertSame([Bar::OriginalIsKept], $kept->parts['bores']->choice('replace')?->bars);
        $this->assertNull($kept->plan($replaced));
        $this->assertNull($kept->parts['housings']->choice('with_its_host'));
    }

    public function test_a_budget_comes_before_the_shop_s_preference_and_says_by_how_much_it_is_passed(): void
    {
        $choices = self::choices(Bench::sheet('tarn-4-198'), bores: self::WORN);
        $lasting = $choices->recommended(Preference::Life, null);
        $cheapest = $choices->cheapest();
        $this->assertNotNull($lasting);
        $this->assertNotNull($cheapest);
        $this->assertNull($choices->recommended(Preference::Balanced, $cheapest->cost)?->over($cheapest->cost), 'equal is within');
        $less = Money::ofMinor($cheapest->cost->minor - 1);
        $this->assertSame(1, $choices->recommended(Preference::Life, $less)?->over($less)?->minor);
        $this->assertSame($cheapest->codes(), $choices->recommended(Preference::Life, $less)->codes());
    }

    public function test_a_deck_cut_to_a_target_is_held_against_ratio_and_height(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $drops = ['deck' => ['todeck.1' => 15 * self::THOU, 'todeck.4' => 17 * self::THOU]];
        $asItIs = self::choices($sheet, $drops);
        $this->assertArrayNotHasKey('deck.1', $asItIs->parts);

        $nearer = self::choices($sheet, $drops, wishes: new BuildWishes(deckClearance: Length::ofNanometres(10 * self::THOU)));
        $target = $nearer->parts['deck.1']->choices[0];
        $this->assertSame(
            ['to_target', 5 * self::THOU],
            [$target->kind->value, $target->step?->nanometres],
            'as far as the highest piston',
        );
        $plan = $nearer->recommended(Preference::Balanced, null);
        $this->assertGreaterThan($asItIs->recommended(Preference::Balanced, null)?->ratios[1][0], $plan?->ratios[1][0]);

        $proud = self::choices($sheet, $drops, wishes: new BuildWishes(deckClearance: Length::ofNanometres(-5 * self::THOU)));
        $forbidden = array_keys($proud->all()?->forbidden() ?? []);
        sort($forbidden);
        $this->assertSame(['deck_too_low', 'not_together', 'piston_too_high'], $forbidden);
        $this->assertSame(
            [PlanObstacle::DeckTooLow, PlanObstacle::PistonTooHigh],
            $proud->plan(
                ['bores' => 'stay', 'deck.1' => $proud->parts['deck.1']->choices[0]->code()] +
                    ($asItIs->recommended(Preference::Cost, null)?->codes() ?? []),
            )?->obstacles,
            'a piston would stand proud of its allowance',
        );
    }

    public function test_a_head_is_cut_to_the_chamber_that_is_wanted_and_the_ratio_follows(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $chamber = $sheet->volumes->chamber->cubicMillimetres ?? 0;
        $smaller = Volume::ofCubicMillimetres($chamber - 4_000);
        $choices = self::choices($sheet, wishes: new BuildWishes(chambers: [1 => $smaller]));
        $plan = $choices->recommended(Preference::Cost, null);

        $this->assertStringStartsWith('to_target', $plan?->codes()['head.1'] ?? '');
        $this->assertGreaterThan(self::choices($sheet)->recommended(Preference::Cost, null)?->ratios[1][0], $plan?->ratios[1][0]);
    }

    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'cairn-l4-144', 'brae-v8-311', 'fell-6-d', 'quern-3-16', 'sorrel-f4'] as $family) {
            yield $family => [$family];
        }
    }

    /** The bores' table and the engine's plan never name two prices for one thing. */
    #[DataProvider('families')]
    public function test_the_ways_of_the_bores_cost_what_their_pieces_cost(string $family): void
    {
        $sheet = Bench::sheet($family);
        $engine = self::engine($sheet, new KnownEngine($sheet, bores: [1 => [40, 20, 10, 10, 4, 4], 2 => [8, 6, 5, 4, 2, 2]]));
        $bores = EngineChoices::of($engine)->parts['bores'];
        foreach ($engine->inspection->bores()->plan->options ?? [] as $option) {
            $choice = $bores->choice($option->key());
            $this->assertNotNull($choice, $option->key());
            $this->assertSame(
                [$option->cost->minor, $option->kind === OptionKind::Replace ? 0 : $option->machineMinutes],
                [$choice->choice->cost->minor, $choice->choice->minutes],
            );
            $this->assertSame($option->isFeasible(), ! $choice->isForbidden());
        }
    }

    /** With nothing else to plan, the engine's plan and the bores' own recommendation are one (BORE-11, PLAN-3). */
    #[DataProvider('families')]
    public function test_the_plan_takes_the_way_of_the_bores_that_is_recommended(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach (Preference::cases() as $preference) {
            foreach ([[1 => [6, 4, 3, 2, 1, 1]], [1 => [12, 9, 8, 6, 2, 2]], [2 => [40, 20, 10, 10, 4, 4]]] as $worn) {
                $policy = self::policy(['preference' => $preference->value]);
                $engine = self::engine($sheet, new KnownEngine($sheet, bores: $worn), $policy);
                $this->assertSame(
                    $engine->inspection->bores()->recommendation?->option->key(),
                    EngineChoices::of($engine)->recommended($preference, null)?->codes()['bores'],
                    $preference->value,
                );
            }
        }
    }

    public function test_what_lies_on_the_shelf_takes_no_days_and_shells_wait_for_their_journals(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $facts = new KnownEngine($sheet, ['crankshaft' => ['pinscore.2' => 2 * self::THOU]]);
        $engine = self::engine(
            $sheet,
            $facts,
            shelf: Shelf::of(['rings 0' => 4, 'main_shells 0' => 5, 'rod_shells 254000' => 3, 'gasket_set' => 1]),
        );
        $choices = EngineChoices::of($engine);
        $plan = $choices->recommended(Preference::Cost, null);
        $this->assertSame(
            [0, 6],
            [$plan?->choices['mains']->leadDays, $plan?->choices['rod_journals']->leadDays],
            'three of four are not enough',
        );

        $parts = [];
        foreach (
            $plan === null ? [] : PartsToOrder::of($choices, $plan, $engine->policy->prices, $sheet->family, $engine->shelf) as $part
        ) {
            $parts[$part->key()] = [$part->count, $part->isMeasuredFirst, $part->isOnTheShelf];
        }
        $this->assertSame(
            [
                'rings 0' => [4, false, true],
                'piston 0' => [4, false, false],
                'main_shells 0' => [5, false, true],
                'rod_shells 254000' => [4, true, false],
                'gasket_set' => [1, false, true],
            ],
            $parts,
        );
    }

    public function test_running_parts_that_do_not_go_back_in_are_part_of_the_plan_and_say_where_to_look_next(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $seen = static fn (RunningPart $part, RunningLook $look, bool $isReplaced): SeenRunningPart => new SeenRunningPart(
            $part,
            $look,
            $isReplaced,
            '',
        );
        $running = RunningReport::of([
            'camshaft' => $seen(RunningPart::Camshaft, RunningLook::Pitted, true),
            'lifters' => $seen(RunningPart::Lifters, RunningLook::Fine, false),
            'rod_shells' => $seen(RunningPart::RodShells, RunningLook::ThroughToCopper, true),
        ]);
        $choices = EngineChoices::of(self::engine($sheet, new KnownEngine($sheet), running: $running));
        $this->assertSame(26_500, $choices->parts['running']->choices[0]->choice->cost->minor, 'shells come with their journals');
        $this->assertTrue($running->mixesOldAndNew());
        $this->assertSame([Suspicion::LiftersWithTheCamshaft], $running->seen(RunningPart::Camshaft)?->suspicions());
        $this->assertSame([Suspicion::JournalsAndCamBearings], $running->seen(RunningPart::RodShells)?->suspicions());
        foreach (RunningPart::cases() as $part) {
            $this->assertSame([], Suspicion::of($part, $part->looks()[0]), 'what is fine says nothing about others');
        }
        $this->assertNotContains(RunningPart::Pushrods, RunningPart::of(Bench::sheet('cairn-l4-144')), 'a side-valve engine has none');
    }

    public function test_a_family_has_its_own_price_where_it_differs(): void
    {
        $prices = Bench::policyDocument()['prices'];
        $prices['families'] = ['tarn-4-198' => ['polish_journal' => ['labour_minor' => 5_000] + $prices['every']['polish_journal']]];
        $sheet = Bench::sheet('tarn-4-198');
        $own = EngineChoices::of(self::engine($sheet, new KnownEngine($sheet), self::policy(['prices' => $prices])));

        $this->assertSame(
            5 * (5_000 - 800),
            $own->parts['mains']->choices[0]->choice->cost->minor - self::choices($sheet)->parts['mains']->choices[0]->choice->cost->minor,
        );
    }

    /**
     * @param  array<string, array<string, int|float|string|null>>  $changes
     * @param  list<PartDefect>  $defects
     * @param  array<int, list<float|int>>  $bores
     */
    private static function choices(
        SpecificationSheet $sheet,
        array $changes = [],
        array $defects = [],
        array $bores = [],
        ?BuildWishes $wishes = null,
    ): EngineChoices {
        return EngineChoices::of(self::engine($sheet, new KnownEngine($sheet, $changes, $defects, bores: $bores), null, $wishes));
    }

    private static function engine(
        SpecificationSheet $sheet,
        KnownEngine $facts,
        ?ShopPolicy $policy = null,
        ?BuildWishes $wishes = null,
        ?Shelf $shelf = null,
        ?RunningReport $running = null,
    ): EngineToPlan {
        $policy ??= self::policy([]);

        return new EngineToPlan(
            $sheet,
            $policy,
            new EngineInspection($sheet, $policy, $facts),
            $facts->cracks(),
            $running ?? RunningReport::none(),
            $wishes ?? new BuildWishes(),
            $shelf ?? Shelf::empty(),
        );
    }

    /**
     * Nobody needs a crack check, so that what is tested stands alone.
     *
     * @param  array<string, mixed>  $changes
     */
    private static function policy(array $changes): ShopPolicy
    {
        /** @var array<string, mixed> $needs */
        $needs = Bench::policyDocument()['crack_check'];

        return Bench::policy(
            $changes + ['crack_check' => array_map(static fn (mixed $need): mixed => $need === 'needed' ? 'advised' : $need, $needs)],
        );
    }

    private function tooLarge(string $family): int
    {
        return (Bench::sheet($family)->housings->diameter->most ?? Length::zero())->nanometres + 2 * self::THOU;
    }
}
