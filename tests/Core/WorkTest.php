<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Engine\Policy\ShopPolicy;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\BoreMeasures;
use NorthLedger\Core\Features\Bores\FinishLook;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Housings\HousingPlaces;
use NorthLedger\Core\Gauging\DecisionRule;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Conditions;
use NorthLedger\Core\Verification\BoreVerification;
use NorthLedger\Core\Verification\FinishedFit;
use NorthLedger\Core\Verification\Proofs\OrderedCondition;
use NorthLedger\Core\Verification\RequiredConditions;
use NorthLedger\Core\Verification\RingGap;
use NorthLedger\Core\Verification\VerificationState;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\RevisedOrder;
use NorthLedger\Core\Work\Target;
use NorthLedger\Core\Work\Tick;
use NorthLedger\Core\Work\TickState;
use NorthLedger\Core\Work\WorkDone;
use NorthLedger\Core\Work\WorkField;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class WorkTest extends TestCase
{
    private const ALL_WELL = ['capsTorqued' => true, 'torquePlate' => true, 'cooled' => true, 'clean' => true];

    #[DataProvider('schools')]
    public function test_every_operation_stands_after_what_it_waits_for(OrderOfWork $school): void
    {
        $order = $this->order($school, 'bore 508000');
        $before = [];
        foreach ($order->operations as $key => $operation) {
            $this->assertSame([], array_diff($order->before($key), $before), "{$key} stands too early");
            $before[] = $key;
        }
        $this->assertSame(['final wash', 'core plugs'], array_slice($before, -2), 'plugs that were drawn for the wash go in last');
    }

    /** @return iterable<string, array{OrderOfWork}> */
    public static function schools(): iterable
    {
        foreach (OrderOfWork::cases() as $school) {
            yield $school->value => [$school];
        }
    }

    public function test_the_two_schools_differ_in_deck_and_bore_alone(): void
    {
        $deckFirst = $this->order(OrderOfWork::DeckFirst, 'bore 508000');
        $boreFirst = $this->order(OrderOfWork::BoreFirst, 'bore 508000');

        $this->assertContains('deck.1', $deckFirst->before('bore.1'));
        $this->assertNotContains('deck.1', $boreFirst->before('bore.1'));
        $this->assertContains('bore.4', $boreFirst->before('deck.1'));
        foreach ([$deckFirst, $boreFirst] as $order) {
            $this->assertContains('sleeve.2', $order->before('bore.1'), 'a neighbour that is bored first is pressed out of round');
            $this->assertContains('sleeve.2', $order->before('deck.1'));
            $last = array_map(
                static fn (string $key): OperationKind => $order->operation($key)->kind,
                $order->stillWaitingFor('hone.1', []),
            );
            $this->assertEqualsCanonicalizing(
                ['chamfer', 'deburr', 'pistons measured'],
                array_unique(array_column($last, 'value')),
                'only what comes last before it is said',
            );
        }
    }

    public function test_staying_without_sleeves_is_cleaning_checking_and_honing(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $sound = array_map(static fn (int $cylinder) => Bench::bore($sheet, $cylinder, [1.2, 0.7, 0.8, 0.5, 0.4, 0.3], 1.8), [1, 2, 3, 4]);
        $option = BlockAssessment::of($sheet, Bench::policy(), $sound, null)->plan?->option('stay');
        $this->assertNotNull($option);
        $order = $this->orderOf($sheet, $option);

        $this->assertSame(
            ['wash', 'crack check', 'hone.1', 'hone.2', 'hone.3', 'hone.4', 'final wash', 'core plugs'],
            array_keys($order->operations),
        );
        $this->assertSame(['crack check'], $order->stillWaitingFor('hone.1', ['wash']), 'the waits of absent operations are handed on');
        $this->assertNull($order->operation('hone.1')->target);
    }

    public function test_targets_leave_the_hone_stock_and_follow_the_measured_piston(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $order = $this->orderOf($sheet, $this->option($sheet, 'bore 508000'), pistons: [3 => Length::ofNanometres(97_315_020)]);

        $this->assertEquals(
            new Target(Length::ofNanometres(97_243_900), Length::ofNanometres(97_218_500), Length::ofNanometres(97_269_300)),
            $order->operation('bore.1')->target,
        );
        $this->assertSame(
            [97_353_120, 97_358_200],
            [$order->operation('hone.3')->target?->least->nanometres, $order->operation('hone.3')->target?->aim->nanometres],
            'the aim lies inside: the lower end is never undershot',
        );
        $this->assertContainsEquals(new Note(NoteKind::LeavesToHone, [Length::ofNanometres(101_600)]), $order->operation('bore.1')->notes);
    }

    public function test_work_stands_until_metal_is_cut_after_it(): void
    {
        $order = $this->order(OrderOfWork::DeckFirst, 'bore 508000');
        $ticks = [];
        foreach ($order->operations as $key => $operation) {
            $ticks[] = new Tick(1, $key, TickState::Done, $operation->target?->aim, 0);
        }
        $stands = static fn (Tick ...$more): array => WorkDone::under(
            [new RevisedOrder(1, $order, 0)],
            [...$ticks, ...$more],
            Bench::sheet('tarn-4-198')->layout,
        )->standing();

        $this->assertSame([], array_diff_key($order->operations, $stands()));
        $this->assertSame(
            ['final wash'],
            array_keys(
                array_diff_key(
                    $order->operations,
                    $stands(new Tick(1, 'hone.2', TickState::Open, null, 9), new Tick(1, 'hone.2', TickState::Done, null, 9)),
                ),
            ),
        );
        $this->assertSame(
            [],
            array_diff_key($order->operations, $stands(new Tick(1, 'hone.2', TickState::Done, null, 9))),
            'a size that is keyed better undoes nothing',
        );
        $this->assertSame([], array_diff_key($order->operations, $stands(new Tick(1, 'no such thing', TickState::Open, null, 9))));
        $again = WorkDone::under(
            [new RevisedOrder(1, $order, 0)],
            [...$ticks, new Tick(1, 'bore.3', TickState::Open, null, 7)],
            Bench::sheet('tarn-4-198')->layout,
        );
        $this->assertSame([7, 0], [$again->lastOutdatedReading(3), $again->lastOutdatedReading(2)]);
        $this->assertSame(
            ['bore.3', 'bore.3', null],
            [$again->againAfter('hone.3'), $again->againAfter('chamfer'), $again->againAfter('hone.1')],
        );
    }

    public function test_at_the_line_bar_each_housing_is_written_down_where_it_is_read(): void
    {
        $sheet = Bench::sheet('brae-v8-311');
        $range = $sheet->housings->diameter;
        $line = new Operation(OperationKind::Line, '2', new Target($range->middle(), $range->least, $range->most));
        $rod = new Operation(OperationKind::Resize, '5');
        $spots = static fn (Operation $at): array => array_map(
            static fn (WorkField $field): string => $field->spot($at, $sheet),
            WorkField::of($at->kind),
        );

        $this->assertSame(array_map(strval(...), HousingPlaces::directions($sheet->housings, 2)), $spots($line));
        $this->assertSame(['front.0', 'front.90', 'rear.0', 'rear.90'], $spots($rod));
        $this->assertFalse(WorkField::ThirdSize->isOut($range->most->nanometres, $line, $sheet));
        $this->assertTrue(WorkField::ThirdSize->isOut($range->most->nanometres + 1, $line, $sheet));
        $this->assertFalse(WorkField::ThirdSize->isOut(1, $rod, $sheet), 'nobody said what this rod is sized to');
        $this->assertSame('', WorkField::Taken->spot($line, $sheet));
    }

    public function test_a_sleeve_that_comes_in_late_opens_the_finished_bores_beside_it(): void
    {
        $layout = Bench::sheet('tarn-4-198')->layout;
        $hones = array_map(static fn (int $cylinder): Operation => new Operation(OperationKind::Hone, (string) $cylinder), [1, 2, 3, 4]);
        $sleeve = new Operation(OperationKind::Sleeve, '3');
        $inOrder = Precedence::under(OrderOfWork::DeckFirst, OrderOfParts::AtOnce, $layout->banks);
        $ticks = array_map(static fn (Operation $hone): Tick => new Tick(1, $hone->key(), TickState::Done, null, 0), $hones);

        $done = WorkDone::under(
            [
                new RevisedOrder(1, WorkOrder::of($hones, $inOrder), 0),
                new RevisedOrder(2, WorkOrder::of([$sleeve, ...$hones], $inOrder), 12),
            ],
            $ticks,
            $layout,
        );

        $this->assertSame(['hone.1'], array_keys($done->standing()), 'two and four are bores beside another sleeve now');
        $this->assertSame([0, 12, 12, 12], array_map($done->lastOutdatedReading(...), [1, 2, 3, 4]));
        $this->assertSame('sleeve.3', $done->againAfter('hone.2'));
    }

    public function test_a_guide_that_is_worked_again_opens_its_own_seat(): void
    {
        $seat = new Operation(OperationKind::Seats, '1.ex');
        $this->assertTrue($seat->isUndoneBy(new Operation(OperationKind::Guides, '1.ex')));
        $this->assertFalse($seat->isUndoneBy(new Operation(OperationKind::Guides, '2.ex')));
        $this->assertFalse((new Operation(OperationKind::Hone, '1'))->isUndoneBy(new Operation(OperationKind::Bore, '2')));
        $this->assertTrue(
            (new Operation(OperationKind::Deck, '1'))->isUndoneBy(new Operation(OperationKind::Sleeve, '3')),
            'a bank and a cylinder are no places of one kind',
        );
    }

    public function test_a_replaced_block_has_no_order(): void
    {
        $sheet = Bench::sheet('tarn-4-198');
        $this->assertNull(Bench::order($sheet, $this->option($sheet, 'replace')));
    }

    /** @return iterable<string, array{list<float|null>, array<string, bool>, VerificationState}> */
    public static function finishedBores(): iterable
    {
        $round = [20.2, 20.3, 20.2, 20.3, 20.2, 20.2];
        yield 'as ordered' => [$round, self::ALL_WELL, VerificationState::Conforms];
        yield 'at both ends of the tolerance' => [[20.0, 20.3, 20.2, 20.4, 20.5, 20.5], self::ALL_WELL, VerificationState::Conforms];
        yield 'too large at one place' => [[20.6, ...array_slice($round, 1)], self::ALL_WELL, VerificationState::Out];
        yield 'too small at one place' => [[19.9, ...array_slice($round, 1)], self::ALL_WELL, VerificationState::Undersize];
        yield 'one place not read' => [[null, ...array_slice($round, 1)], self::ALL_WELL, VerificationState::Missing];
        yield 'caps not torqued' => [$round, ['capsTorqued' => false] + self::ALL_WELL, VerificationState::ConditionsLacking];
        yield 'still warm' => [$round, ['cooled' => false] + self::ALL_WELL, VerificationState::ConditionsLacking];
        yield 'no torque plate where none is ordered' => [$round, ['torquePlate' => false] + self::ALL_WELL, VerificationState::Conforms];
        yield 'out comes before the conditions' => [
            [20.9, ...array_slice($round, 1)],
            ['cooled' => false] + self::ALL_WELL,
            VerificationState::Out,
        ];
    }

    /**
     * @param  list<float|null>  $over
     * @param  array<string, bool>  $stated
     */
    #[DataProvider('finishedBores')]
    public function test_finished_bores_are_held_against_the_order(array $over, array $stated, VerificationState $state): void
    {
        $this->assertSame($state, $this->verify('tarn-4-198', $over, $stated));
    }

    public function test_an_advised_torque_plate_is_ordered_and_must_have_been_on(): void
    {
        $over = [20.2, 20.3, 20.2, 20.3, 20.2, 20.2];
        $this->assertSame(
            VerificationState::ConditionsLacking,
            $this->verify('brae-v8-311', $over, ['torquePlate' => false] + self::ALL_WELL),
        );
        $this->assertSame(VerificationState::Conforms, $this->verify('brae-v8-311', $over, self::ALL_WELL));
    }

    public function test_an_advised_torque_plate_is_not_asked_for_where_a_bore_was_only_deglazed(): void
    {
        $required = RequiredConditions::of(Bench::sheet('brae-v8-311'));
        $without = new Conditions(...['torquePlate' => false] + self::ALL_WELL);
        $this->assertSame([OrderedCondition::TorquePlate], $required->lacking($without, isCut: true));
        $this->assertSame([], $required->lacking($without, isCut: false));
        $this->assertSame(
            [OrderedCondition::TorquePlate],
            RequiredConditions::of(Bench::sheet('quern-3-16'))->lacking($without, isCut: false),
            'a needed one is',
        );
    }

    /**
     * @return iterable<string, array{float, float, list<float>,
     *     VerificationState}> Piston and incoming size over the family's own, in thou; the finished readings; what they come to
     */
    public static function deglazedBores(): iterable
    {
        yield 'as it came' => [-1.0, 1.0, [1.0, 0.8, 0.6, 0.5, 0.2, 0.1], VerificationState::Conforms];
        yield 'honed until the clearance is spent' => [-1.0, 1.0, [6.2, 6.0, 6.1, 6.0, 6.0, 6.0], VerificationState::Out];
        yield 'grown by more than a hone may take' => [0.0, 1.0, [4.2, 4.1, 4.0, 4.0, 4.0, 4.0], VerificationState::Out];
        yield 'tighter than the least clearance' => [1.0, 0.2, [0.3, 0.2, 0.2, 0.2, 0.1, 0.1], VerificationState::Undersize];
    }

    /** @param  list<float>  $over */
    #[DataProvider('deglazedBores')]
    public function test_a_bore_that_was_only_honed_is_verified_by_size_growth_and_clearance(
        float $piston,
        float $incoming,
        array $over,
        VerificationState $state,
    ): void {
        $sheet = Bench::sheet('tarn-4-198');
        $before = Bench::bore($sheet, 1, [$incoming, $incoming, $incoming, $incoming, $incoming, $incoming]);
        $fit = new FinishedFit(
            $sheet->piston->standard->plus(Length::ofNanometres((int) round($piston * 25_400))),
            null,
            $sheet->piston->minimumClearance,
            $sheet->bore->service->clearance,
            BoreMeasures::of($before)->largest,
            Length::ofNanometres(76_200),
        );
        $verification = new BoreVerification(
            $sheet->bore->service,
            $sheet->bore->finished,
            RequiredConditions::of($sheet),
            DecisionRule::Simple,
        );
        $bore = Bench::bore($sheet, 1, $over);
        $verified = $verification->verify(
            $bore,
            null,
            $fit,
            array_map(static fn (): Conditions => new Conditions(...self::ALL_WELL), $bore->readings),
            false,
        );
        $this->assertSame($state, $verified->state);

        $unknown = $verification->verify(
            $bore,
            null,
            new FinishedFit(null, null, $fit->leastClearance, $fit->mostClearance, $fit->incoming, $fit->mostGrowth),
            [],
            false,
        );
        $this->assertSame('piston.1', $unknown->missing[0]->key, 'never by form alone: the piston has to be known');
    }

    public function test_rings_are_fitted_to_a_bore_that_is_done_and_a_wall_they_do_not_run_in_on_is_honed_again(): void
    {
        $top = Bench::sheet('tarn-4-198')->rings[0];
        $ring = static fn (int $more): RingGap => new RingGap('top', $top->gap->least->plus(Length::ofNanometres($more)), $top->gap);
        $round = [20.2, 20.3, 20.2, 20.3, 20.2, 20.2];
        $verify = fn (array $over, ?FinishLook $finish, RingGap ...$rings): VerificationState => $this->verify(
            'tarn-4-198',
            $over,
            self::ALL_WELL,
            finish: $finish,
            rings: array_values($rings),
        );

        $this->assertSame(VerificationState::Conforms, $verify($round, FinishLook::Even, $ring(0)));
        $this->assertSame([true, false], [$ring(-1)->isTight(), $ring(-1)->isWide()]);
        $this->assertSame(VerificationState::RingsToFit, $verify($round, FinishLook::Even, $ring(0), $ring(-1)));
        $wide = new RingGap('top', $top->gap->most->plus(Length::ofNanometres(1)), $top->gap);
        $this->assertSame([false, true], [$wide->isTight(), $wide->isWide()]);
        $this->assertSame(VerificationState::RingsToFit, $verify($round, null, $wide));
        foreach (FinishLook::cases() as $look) {
            $expected = $look === FinishLook::Even ? VerificationState::Conforms : VerificationState::Undersize;
            $this->assertSame($expected, $verify($round, $look), $look->value);
        }
        $large = [20.9, ...array_slice($round, 1)];
        $this->assertSame(VerificationState::Out, $verify($large, FinishLook::Glazed, $ring(-1)), 'no hone makes it smaller');
        $this->assertFalse(VerificationState::RingsToFit->closesTheWork());
        $this->assertSame(
            VerificationState::RingsToFit,
            $this->verify('tarn-4-198', $large, self::ALL_WELL, true, rings: [$ring(-1)]),
            'who accepts a bore accepts no ring that butts',
        );
    }

    public function test_a_concession_closes_a_bore_that_is_out(): void
    {
        $this->assertSame(
            VerificationState::Conceded,
            $this->verify('tarn-4-198', [20.9, 20.3, 20.2, 20.3, 20.2, 20.2], self::ALL_WELL, true),
        );
    }

    /**
     * @param  list<float|null>  $over
     * @param  array<string, bool>  $stated
     * @param  list<RingGap>  $rings
     */
    private function verify(
        string $family,
        array $over,
        array $stated,
        bool $isConceded = false,
        ?FinishLook $finish = null,
        array $rings = [],
    ): VerificationState {
        $sheet = Bench::sheet($family);
        $bore = Bench::bore($sheet, 1, $over, looks: new BoreLooks(finish: $finish));
        $size = new Target(Length::ofNanometres(97_345_500), Length::ofNanometres(97_345_500), Length::ofNanometres(97_358_200));
        $verification = new BoreVerification(
            $sheet->bore->service,
            $sheet->bore->finished,
            RequiredConditions::of($sheet),
            DecisionRule::Simple,
        );

        return $verification->verify(
            $bore,
            $size,
            $this->cut($sheet),
            array_map(static fn (): Conditions => new Conditions(...$stated), $bore->readings),
            $isConceded,
            $rings,
        )->state;
    }

    /** A bore that was cut, with the sheet's new piston. */
    private function cut(SpecificationSheet $sheet): FinishedFit
    {
        return new FinishedFit(
            $sheet->piston->sizeAt(Length::ofNanometres(508_000)),
            null,
            $sheet->piston->minimumClearance,
            $sheet->bore->finished->clearance,
        );
    }

    private function order(OrderOfWork $school, string $option): WorkOrder
    {
        $sheet = Bench::sheet('tarn-4-198');

        return $this->orderOf($sheet, $this->option($sheet, $option), Bench::policy(['order_of_work' => $school->value]));
    }

    /** @param  array<int, Length>  $pistons */
    private function orderOf(SpecificationSheet $sheet, ReboreOption $option, ?ShopPolicy $policy = null, array $pistons = []): WorkOrder
    {
        return Bench::order($sheet, $option, $policy, $pistons) ?? $this->fail('Nothing is worked.');
    }

    /** A block whose second cylinder is far gone: it is sleeved at every size. */
    private function option(SpecificationSheet $sheet, string $key): ReboreOption
    {
        $bores = array_map(
            static fn (int $cylinder) => Bench::bore(
                $sheet,
                $cylinder,
                $cylinder === 2 ? [62, 55, 54, 53, 2, 1.5] : [7.1, 4.2, 4.6, 2.8, 1.1, 0.8],
            ),
            [1, 2, 3, 4],
        );
        $option = BlockAssessment::of($sheet, Bench::policy(), $bores, Length::zero())->plan?->option($key);
        $this->assertNotNull($option);

        return $option;
    }
}
