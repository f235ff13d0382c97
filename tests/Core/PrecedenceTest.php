<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Work\MachineQueue;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\Stop;
use NorthLedger\Core\Work\StopReason;
use NorthLedger\Core\Work\WorkException;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What comes before what, over any part of the order (WORK-1a). */
final class PrecedenceTest extends TestCase
{
    private const FACES = [1 => [1, 3], 2 => [2, 4]];

    public function test_whatever_is_left_out_the_rest_keeps_its_places(): void
    {
        $chance = new Randomizer(new Mt19937(1815));
        foreach (OrderOfWork::cases() as $school) {
            foreach (OrderOfParts::cases() as $parts) {
                $rule = Precedence::under($school, $parts, self::FACES);
                $whole = $rule->before(self::all());
                for ($round = 0; $round < 40; $round++) {
                    $needed = array_values(array_filter(self::all(), static fn (): bool => $chance->getInt(0, 2) > 0));
                    $needed[] = new OperationKey(OperationKind::Balance);
                    $names = array_unique(array_map(static fn (OperationKey $key): string => $key->written(), $needed));
                    foreach ($rule->before($needed) as $key => $before) {
                        $this->assertSame([], array_diff($before, $whole[$key]), "{$key} waits for nothing new");
                        $this->assertSame(
                            [],
                            array_diff(array_intersect($whole[$key], $names), $before),
                            "{$key} waits for all that is still there",
                        );
                    }
                }
            }
        }
    }

    public function test_what_is_before_what_is_before_is_before_and_nothing_is_before_itself(): void
    {
        // A bore and a deck wait for each other by face: what one face waits for, the other does not have to.
        $isByFace = static fn (string $key): bool => str_starts_with($key, 'deck.') || str_starts_with($key, 'bore.');
        foreach (OrderOfWork::cases() as $school) {
            $before = Precedence::under($school, OrderOfParts::MeasureFirst, self::FACES)->before(self::all());
            foreach ($before as $key => $earlier) {
                $this->assertNotContains($key, $earlier);
                foreach ($earlier as $one) {
                    $missing = array_diff($before[$one], $earlier);
                    $this->assertSame($missing, array_filter($missing, $isByFace), "{$key} after {$one}");
                }
            }
        }
    }

    public function test_an_order_says_what_can_be_done_at_each_machine_and_what_waits(): void
    {
        $operations = [
            new Operation(OperationKind::CrackCheck),
            new Operation(OperationKind::Sleeve, '2'),
            new Operation(OperationKind::Bore, '2'),
            new Operation(OperationKind::Bore, '1'),
            new Operation(OperationKind::Hone, '1'),
        ];
        $order = WorkOrder::of($operations, Precedence::under(OrderOfWork::DeckFirst, OrderOfParts::AtOnce, [1 => [1, 2]]));
        $said = static fn (array $closed, Stop ...$stops): array => array_map(
            static fn (MachineQueue $one): array => [$one->kind->value, $one->open, $one->waiting, $one->waitsFor?->value],
            MachineQueue::of($order, $closed, array_values($stops)),
        );

        $this->assertSame(
            [['sleeve', ['2'], [], null], ['bore', [], ['2', '1'], 'sleeve'], ['hone', [], ['1'], 'bore']],
            $said(['crack check']),
        );
        $this->assertSame([['bore', ['2', '1'], [], null], ['hone', [], ['1'], 'bore']], $said(['crack check', 'sleeve.2']));
        $this->assertSame(
            [['bore', ['1'], ['2'], null], ['hone', [], ['1'], 'bore']],
            $said(['crack check', 'sleeve.2'], new Stop(StopReason::NeedsSleeve, 2)),
            'what was found holds its cylinder',
        );
        $this->assertSame([], $said(array_keys($order->operations)));
    }

    public function test_a_key_is_read_as_it_is_written_and_an_old_one_as_it_was_meant(): void
    {
        foreach (self::all() as $key) {
            $this->assertEquals($key, OperationKey::parse($key->written()));
        }
        $this->assertSame('wash', OperationKey::parse('clean')->written());
        $this->assertEquals(new OperationKey(OperationKind::Guides, '1.ex2'), OperationKey::parse('guides.1.ex2'));
        $this->expectException(WorkException::class);
        OperationKey::parse('polish the paint');
    }

    /** @return list<OperationKey> Every kind, and every place of those that have places */
    private static function all(): array
    {
        $keys = [];
        foreach (OperationKind::cases() as $kind) {
            $places = match ($kind) {
                OperationKind::Sleeve, OperationKind::Bore, OperationKind::Hone, OperationKind::Resize => ['1', '2', '3', '4'],
                OperationKind::Deck, OperationKind::HeadFace => ['1', '2'],
                default => [''],
            };
            foreach ($places as $place) {
                $keys[] = new OperationKey($kind, $place);
            }
        }

        return $keys;
    }
}
