<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Storage\OrderRecord;
use App\Words\Messages;
use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Message;
use NorthLedger\Core\Work\Note;
use NorthLedger\Core\Work\NoteKind;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\WorkOrder;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\TestCase;

/** What the judgement says beside an operation is kept as codes, and an order that said it in words says the same as before. */
final class OrderRecordTest extends TestCase
{
    public function test_what_was_judged_reads_back_as_it_was_written(): void
    {
        $both = new Message('findings.also.both', [
            'one' => new Message('findings.also.stamped_at', ['places' => 'pan rail; left side']),
            'other' => new Message('findings.also.seats_lower'),
        ]);
        $order = $this->order($both);
        $kept = json_decode((string) json_encode(OrderRecord::write($order, [])), true);
        $this->assertIsArray($kept);
        $this->assertEquals($order->operations, OrderRecord::read($kept)->operations);
        $this->assertSame('findings.also.both', $kept['operations'][0]['notes'][0]['said']['code']);
    }

    #[DataProvider('sentences')]
    public function test_a_sentence_of_an_order_from_before_is_its_code(string $sentence, Message $said): void
    {
        $kept = OrderRecord::write($this->order($said), []);
        $kept['operations'][0]['notes'][0]['said'] = $sentence;
        $order = OrderRecord::read($kept);
        $this->assertEquals($this->order($said)->operations, $order->operations, 'no difference to accept');
        $this->assertSame($sentence, Messages::text($said));
    }

    /** @return iterable<string, array{string, Message}> */
    public static function sentences(): iterable
    {
        yield 'bare' => [
            'Before it is ground; check it for cracks again afterwards.',
            new Message('findings.also.straighten_first'),
        ];
        yield 'with a mass' => [
            'It is 10.0 g lighter than any other: find one that matches, or take that much off all the others.',
            new Message('findings.also.lightest', ['mass' => '10.0']),
        ];
        yield 'with two' => [
            '7.0 g off the big end and 1.5 g off the small end.',
            new Message('findings.also.off_big_and_small', ['big' => '7.0', 'small' => '1.5']),
        ];
        yield 'with one of them' => ['7.0 g off the big end.', new Message('findings.also.off_big', ['big' => '7.0'])];
    }

    public function test_what_nobody_ever_said_stays_as_it_was_typed(): void
    {
        $kept = OrderRecord::write($this->order(new Message('findings.also.lifter')), []);
        $kept['operations'][0]['notes'][0]['said'] = 'Somebody wrote this by hand.';
        $notes = OrderRecord::read($kept)->operations;
        $this->assertSame('Somebody wrote this by hand.', array_values($notes)[0]->notes[0]->said);
    }

    private function order(Message $said): WorkOrder
    {
        return WorkOrder::of(
            [new Operation(OperationKind::Line, '1', null, null, [new Note(NoteKind::AsJudged, said: $said)])],
            Precedence::under(OrderOfWork::DeckFirst, OrderOfParts::AtOnce, []),
        );
    }
}
