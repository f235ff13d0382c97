<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Engine\Policy\OrderOfParts;
use NorthLedger\Core\Engine\Policy\OrderOfWork;
use NorthLedger\Core\Work\Operation;
use NorthLedger\Core\Work\OperationKey;
use NorthLedger\Core\Work\OperationKind;
use NorthLedger\Core\Work\Precedence;
use NorthLedger\Core\Work\WorkException;
use NorthLedger\Core\Work\WorkOrder;

final class OrderAdapter implements Adapter
{
    private const BY_CYLINDER = [OperationKind::Sleeve, OperationKind::Bore, OperationKind::Hone, OperationKind::Resize];

    private const BY_FACE = [OperationKind::Deck, OperationKind::HeadFace];

    public function run(Given $given): array
    {
        $school = OrderOfWork::tryFrom($given->text('school')) ?? throw Refusal::withCode('unknown_word');
        /** @var array<string, list<int>> $faces */
        $faces = (array) $given->value('faces');
        /** @var list<string> $needs */
        $needs = (array) $given->value('needs');
        $keys = array_map(fn (string $need): OperationKey => $this->key($need, $faces), $needs);
        if ($keys === []) {
            throw Refusal::withCode('too_few');
        }
        $parts = $given->flag('measure_first') ? OrderOfParts::MeasureFirst : OrderOfParts::AtOnce;
        $order = WorkOrder::of(
            array_map(static fn (OperationKey $key): Operation => new Operation($key->kind, $key->place), $keys),
            Precedence::under($school, $parts, $faces),
        );

        return ['before' => $this->sorted($order)];
    }

    /** @return array<string, list<string>> */
    private function sorted(WorkOrder $order): array
    {
        $before = $done = [];
        foreach (array_keys($order->operations) as $key) {
            $earlier = $order->before($key);
            if (array_diff($earlier, $done) !== []) {
                throw new \LogicException("{$key} stands too early in the order of work.");
            }
            $done[] = $key;
            sort($earlier, SORT_STRING);
            $before[$key] = $earlier;
        }

        return $before;
    }

    /** @param  array<string, list<int>>  $faces */
    private function key(string $need, array $faces): OperationKey
    {
        try {
            $key = OperationKey::parse($need);
        } catch (WorkException) {
            throw Refusal::withCode('unknown_word');
        }
        $places = match (true) {
            in_array($key->kind, self::BY_CYLINDER, true) => array_map(strval(...), array_merge([], ...array_values($faces))),
            in_array($key->kind, self::BY_FACE, true) => array_map(strval(...), array_keys($faces)),
            default => [''],
        };

        return in_array($key->place, $places, true) ? $key : throw Refusal::withCode('unknown_word');
    }
}
