<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Assessment\BlockAssessment;
use NorthLedger\Core\Engine\Specification\EnginePart;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Features\Bores\BoreLooks;
use NorthLedger\Core\Features\Bores\CrackLook;
use NorthLedger\Core\Features\Bores\PittingClass;
use NorthLedger\Core\Features\Bores\ReboreOption;
use NorthLedger\Core\Features\Bores\RidgeLook;
use NorthLedger\Core\Features\Bores\ScoringLook;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\ChosenWay;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OrderDifference;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A way that was chosen, held against the block as it is now (VER-6). */
final class FoundLateTest extends TestCase
{
    private const WORN = [6.1, 3.2, 3.9, 2.2, 0.8, 0.6];

    private SpecificationSheet $sheet;

    protected function setUp(): void
    {
        $this->sheet = Bench::sheet('tarn-4-198');
    }

    public function test_a_way_that_still_agrees_stops_nothing(): void
    {
        $now = $this->assessed();
        foreach ($now->plan->options ?? [] as $option) {
            if ($option->isFeasible() && $option->needsTrace === []) {
                $this->assertSame([], ChosenWay::against($option, $now)->stops, $option->key());
            }
        }
    }

    /** @return iterable<string, array{list<int>}> */
    public static function cracked(): iterable
    {
        foreach ([[2], [1, 4], [1, 2, 3], [3, 4]] as $cylinders) {
            yield implode(' and ', $cylinders) => [$cylinders];
        }
    }

    /** @param  list<int>  $cylinders */
    #[DataProvider('cracked')]
    public function test_bores_that_crack_stop_and_the_others_go_on(array $cylinders): void
    {
        $chosen = $this->option($this->assessed(), 'bore 508000');
        $now = $this->assessed(array_fill_keys($cylinders, self::cracks()));
        $stops = ChosenWay::against($chosen, $now)->stops;
        $this->assertSame(
            $cylinders,
            array_values(
                array_unique(
                    array_map(
                        static fn (Stop $stop): ?int => $stop->cylinder,
                        array_filter($stops, static fn (Stop $stop): bool => $stop->reason === StopReason::NeedsSleeve),
                    ),
                ),
            ),
        );

        $order = $this->orderOf($chosen);
        foreach ($order->operations as $key => $operation) {
            $isHeld = array_filter($stops, static fn (Stop $stop): bool => $stop->holds($operation)) !== [];
            $expected = match (true) {
                in_array($key, ['wash', 'crack check'], true) => false,
                $operation->cylinder === null => true,
                default => in_array($operation->cylinder, $cylinders, true),
            };
            $this->assertSame($expected, $isHeld, $key);
        }
        foreach ($stops as $stop) {
            $this->assertTrue($stop->reason !== StopReason::NeedsSleeve || $stop->reason->reopensThePlan());
        }
    }

    public function test_a_bore_that_wears_past_the_size_needs_a_sleeve_or_another_size(): void
    {
        $chosen = $this->option($this->assessed(), 'bore 508000');
        $stops = ChosenWay::against($chosen, $this->assessed(worn: [3 => [27, 3.2, 3.9, 2.2, 0.8, 0.6]]))->stops;
        $this->assertContainsEquals(new Stop(StopReason::NeedsSleeve, 3), $stops);
    }

    public function test_a_sleeve_that_is_needed_no_more_is_said(): void
    {
        $chosen = $this->option($this->assessed([2 => self::cracks()]), 'bore 508000');
        $this->assertSame([2], $chosen->sleeved);
        $this->assertContainsEquals(new Stop(StopReason::NeedsNoSleeve, 2), ChosenWay::against($chosen, $this->assessed())->stops);
    }

    public function test_a_block_that_is_replaced_is_not_held_up(): void
    {
        $replaced = $this->option($this->assessed(), 'replace');
        $this->assertSame([], ChosenWay::against($replaced, $this->assessed([1 => self::cracks(), 2 => self::cracks()]))->stops);
    }

    public function test_a_trace_that_is_missing_holds_its_cut_alone_and_opens_no_plan(): void
    {
        $stop = new Stop(StopReason::TraceMissing, 1);
        $held = array_filter($this->order()->operations, $stop->holds(...));
        $this->assertSame(['bore.1'], array_keys($held));
        $this->assertFalse($stop->reason->reopensThePlan());
    }

    public function test_a_question_about_another_part_holds_nothing_at_the_block(): void
    {
        $held = array_filter(
            $this->order()->operations,
            (new Stop(StopReason::CustomerAsked, null, 'the head', EnginePart::Head))->holds(...),
        );
        $this->assertSame([], $held);
        $everything = (new Stop(StopReason::CustomerAsked, null, 'offer 1', null))->holds(...);
        $this->assertSame(
            ['wash', 'crack check'],
            array_keys(array_filter($this->order()->operations, static fn (Operation $one): bool => ! $everything($one))),
            'what is asked about the whole engine holds all but washing and looking',
        );
    }

    public function test_two_orders_differ_where_an_operation_does_and_nowhere_else(): void
    {
        $before = $this->order();
        $this->assertSame([], OrderDifference::between($before, $this->order()));

        $sleeved = $this->orderOf($this->option($this->assessed([2 => self::cracks()]), 'bore 508000'));
        $new = array_map(
            static fn (OrderDifference $one): ?string => $one->before === null ? $one->after?->key() : null,
            OrderDifference::between($before, $sleeved),
        );
        $this->assertContains('sleeve.2', $new);
        $back = array_map(
            static fn (OrderDifference $one): ?string => $one->after === null ? $one->before?->key() : null,
            OrderDifference::between($sleeved, $before),
        );
        $this->assertContains('sleeve.2', $back, 'and the other way round it falls away');

        $piston = Length::ofNanometres($this->sheet->piston->sizeAt(Length::ofNanometres(508_000))->nanometres + 5_080);
        $larger = $this->orderOf($this->option($this->assessed(), 'bore 508000'), [3 => $piston]);
        $this->assertSame(
            ['bore.3', 'hone.3'],
            array_map(static fn (OrderDifference $one): ?string => $one->after?->key(), OrderDifference::between($before, $larger)),
        );
    }

    private function order(): WorkOrder
    {
        return $this->orderOf($this->option($this->assessed(), 'bore 508000'));
    }

    /** @param  array<int, Length>  $pistons */
    private function orderOf(ReboreOption $option, array $pistons = []): WorkOrder
    {
        $order = Bench::order($this->sheet, $option, pistons: $pistons) ?? $this->fail('Nothing is worked.');
        $this->assertContainsOnlyInstancesOf(Operation::class, $order->operations);

        return $order;
    }

    /**
     * @param  array<int, BoreLooks>  $looks  By cylinder
     * @param  array<int, list<float|int>>  $worn  By cylinder, where it is worn otherwise
     */
    private function assessed(array $looks = [], array $worn = []): BlockAssessment
    {
        return BlockAssessment::of(
            $this->sheet,
            Bench::policy(),
            array_map(
                fn (int $cylinder) => Bench::bore($this->sheet, $cylinder, $worn[$cylinder] ?? self::WORN, null, $looks[$cylinder] ?? null),
                [1, 2, 3, 4],
            ),
            Length::zero(),
        );
    }

    private function option(BlockAssessment $assessment, string $key): ReboreOption
    {
        $option = $assessment->plan?->option($key);
        $this->assertInstanceOf(ReboreOption::class, $option, $key);

        return $option;
    }

    private static function cracks(): BoreLooks
    {
        return new BoreLooks(CrackLook::Crack, RidgeLook::Felt, RidgeLook::None, ScoringLook::None, PittingClass::None);
    }
}
