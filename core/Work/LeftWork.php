<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What of one kind of operation is left of an order, as one piece of work at its machine, and what it comes after (LOAD-2). */
final readonly class LeftWork
{
    /**
     * @param  list<string>  $places  Where it can be done once its turn comes; '' where it is done once
     * @param  list<string>  $held  Places where something was found that stops it
     * @param  list<OperationKind>  $after  Kinds that are left themselves and have to be done before, the nearest of them
     * @param  bool  $isAsked  The customer was asked about it, and it waits for the answer
     */
    public function __construct(
        public OperationKind $kind,
        public array $places,
        public array $held,
        public array $after,
        public bool $isAsked = false,
    ) {
    }

    /** The same where nothing of it can be done here. */
    public function heldEverywhere(): self
    {
        return new self($this->kind, [], [...$this->held, ...$this->places], $this->after, $this->isAsked);
    }

    /**
     * @param  list<string>  $closed  Keys
     * @param  list<Stop>  $stops
     * @return list<self> A line for each kind that is not closed everywhere, in the order of the work
     */
    public static function of(WorkOrder $order, array $closed, array $stops): array
    {
        $places = $held = $asked = [];
        /** @var array<string, array<string, OperationKind>> $after */
        $after = [];
        foreach (array_diff_key($order->operations, array_flip($closed)) as $key => $operation) {
            $kind = $operation->kind->value;
            $places[$kind] ??= [];
            $reasons = array_map(
                static fn (Stop $stop): StopReason => $stop->reason,
                array_filter($stops, static fn (Stop $stop): bool => $stop->holds($operation)),
            );
            if (array_filter($reasons, static fn (StopReason $reason): bool => $reason !== StopReason::CustomerAsked) !== []) {
                $held[$kind][] = $operation->place;
            } else {
                $places[$kind][] = $operation->place;
                $asked[$kind] = ($asked[$kind] ?? false) || $reasons !== [];
            }
            foreach ($order->stillWaitingFor($key, $closed) as $earlier) {
                $before = $order->operation($earlier)->kind;
                $after[$kind][$before->value] = $before;
            }
        }
        $left = [];
        foreach ($places as $kind => $open) {
            $left[] = new self(
                OperationKind::from($kind),
                $open,
                $held[$kind] ?? [],
                array_values($after[$kind] ?? []),
                $asked[$kind] ?? false,
            );
        }

        return $left;
    }
}
