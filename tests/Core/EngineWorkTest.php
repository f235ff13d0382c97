<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Features\Precheck\CheckItem;
use NorthLedger\Core\Features\Precheck\Checklist;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Work\CutterSetting;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\WorkMinutes;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\TestCase;

/** The order of a whole engine, from its facts and its plan alone (WORK-1, WORK-1a, WORK-1b). */
final class EngineWorkTest extends TestCase
{
    private const THOU = 25_400;

    private const WORN = [1 => [7, 5, 5, 4, 1, 1], 2 => [9, 6, 6, 4, 1, 1], 3 => [6, 4, 4, 3, 1, 1], 4 => [5, 4, 4, 3, 1, 1]];

    public function test_a_scored_crankshaft_is_ground_checked_again_polished_and_only_then_are_its_shells_ordered(): void
    {
        $order = $this->order('tarn-4-198', ['crankshaft' => ['pinscore.2' => 2 * self::THOU]]);
        $spec = Bench::sheet('tarn-4-198')->crankshaft->rods;
        $journal = $order->operation('grind rods.2');

        $this->assertFalse($order->has('grind mains.1'), 'the mains are polished only');
        $this->assertSame($spec->count, count($order->ofKind(OperationKind::GrindRods)), 'one journal grinds its group');
        $this->assertSame(254_000, $journal->step?->nanometres);
        $this->assertEquals($spec->diameter?->least->minus(Length::ofNanometres(254_000)), $journal->target?->least);
        $this->assertContains(NoteKind::WheelForFillet, array_column($journal->notes, 'kind'));
        $this->assertContains('crank recheck', $order->before('polish'));
        $this->assertContains('grind rods.2', $order->before('order rod shells'));
        $this->assertNotContains('grind rods.2', $order->before('order main shells'));
        $this->assertContains('order rod shells', $order->before('shells fitted'));
    }

    public function test_the_worst_bore_is_bored_first_and_bores_of_one_size_are_cut_with_one_setting(): void
    {
        $order = $this->order('tarn-4-198', bores: self::WORN);
        $bores = array_map(static fn (Operation $one): string => $one->place, $order->ofKind(OperationKind::Bore));
        $settings = CutterSetting::all($order);

        $this->assertSame(['2', '1', '3', '4'], $bores);
        $this->assertCount(1, $settings);
        $this->assertSame($bores, array_map(static fn (Operation $one): string => $one->place, $settings[0]->operations));
        $this->assertEquals($order->operation('bore.2')->target?->aim, $settings[0]->size);

        $larger = Bench::sheet('tarn-4-198')->piston->sizeAt(Length::ofNanometres(508_000))?->plus(Length::ofNanometres(5_080));
        $this->assertNotNull($larger);
        $own = CutterSetting::all($this->order('tarn-4-198', bores: self::WORN, pistons: [3 => $larger]));
        $this->assertSame(
            [['2', '1', '4'], ['3']],
            array_map(
                static fn (CutterSetting $one): array => array_map(static fn (Operation $each): string => $each->place, $one->operations),
                $own,
            ),
            'a bore whose piston is larger has a setting of its own',
        );
    }

    public function test_datum_faces_are_looked_at_first_and_named_at_each_cut(): void
    {
        $sheet = Bench::sheet('cairn-l4-144');
        $items = array_filter(Checklist::of($sheet)->items, static fn (CheckItem $item): bool => str_starts_with($item->key, 'datum.'));
        $this->assertSame(['datum.pads', 'datum.bell-face'], array_keys($items));
        $order = $this->order('cairn-l4-144', ['deck' => ['deck.1.b5' => 9 * self::THOU]], self::WORN);
        foreach (['deck.1', 'bore.1'] as $operation) {
            $notes = array_column($order->operation($operation)->notes, 'said');
            $this->assertContains('locating pads on the left side, bell-housing face', $notes, $operation);
        }
        $other = $this->order('tarn-4-198', ['deck' => ['deck.1.b5' => 9 * self::THOU]], self::WORN);
        $this->assertNotContains(NoteKind::DatumFaces, array_column($other->operation('deck.1')->notes, 'kind'), 'its sheet names none');
    }

    public function test_a_vee_waits_bank_by_bank_and_its_hollow_deck_alone_is_faced(): void
    {
        $order = $this->order('brae-v8-311', ['deck' => ['deck.2.b5' => 4 * self::THOU]], array_fill(1, 8, self::WORN[2]));

        $this->assertSame(['2'], array_map(static fn (Operation $one): string => $one->place, $order->ofKind(OperationKind::Deck)));
        [$first, $second] = Bench::sheet('brae-v8-311')->layout->banks;
        foreach ($second as $cylinder) {
            $this->assertContains('deck.2', $order->before("bore.{$cylinder}"));
        }
        foreach ($first as $cylinder) {
            $this->assertNotContains('deck.2', $order->before("bore.{$cylinder}"));
            $this->assertContains('deck.2', $order->before("hone.{$cylinder}"), 'honing is last');
        }
        $this->assertTrue($order->has('balance'), 'a vee is balanced with the bobweights of its sets');
        $this->assertContains('balance', $order->before('crank final wash'));
    }

    public function test_one_setup_serves_all_that_is_clamped_alike(): void
    {
        $order = $this->order('tarn-4-198', bores: self::WORN);
        $prices = Bench::policy()->prices;
        $minutes = static fn (Operation ...$operations): int => WorkMinutes::of(array_values($operations), $prices, 'tarn-4-198');
        $bores = $order->ofKind(OperationKind::Bore);

        $one = $minutes($bores[0]);
        $run = $minutes($bores[0], $bores[1]) - $one;
        $this->assertGreaterThan(0, $run);
        $this->assertSame($one + 3 * $run, $minutes(...$bores), 'set up once, and run four times');
        $this->assertSame(0, $minutes($order->operation('final wash')));
    }

    /**
     * @param  array<string, array<string, int>>  $changes  By section and place
     * @param  array<int, list<float|int>>  $bores
     * @param  array<int, Length>  $pistons
     */
    private function order(string $family, array $changes = [], array $bores = [], array $pistons = []): WorkOrder
    {
        return Bench::agreedOrder($family, $changes, $bores, $pistons);
    }
}
