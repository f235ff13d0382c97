<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What of one order stands at each machine: what can be done now, and what waits, and for what (WORK-1b). */
final readonly class MachineQueue
{
    /**
     * @param  list<string>  $open  Places where it can be done now, in the order in which they are best done; '' where it is done once
     * @param  list<string>  $waiting  Places where something before it is open, or something was found
     * @param  ?OperationKind  $waitsFor  The first of what comes before; null where nothing does, or something was found
     */
    private function __construct(
        public Machine $machine,
        public OperationKind $kind,
        public array $open,
        public array $waiting,
        public ?OperationKind $waitsFor,
    ) {
    }

    /**
     * @param  list<string>  $closed  Keys
     * @param  list<Stop>  $stops
     * @return list<self> A line for each kind that is not closed everywhere, in the order of the work
     */
    public static function of(WorkOrder $order, array $closed, array $stops): array
    {
        $queues = [];
        foreach (array_diff_key($order->operations, array_flip($closed)) as $key => $operation) {
            $queue = $queues[$operation->kind->value] ?? new self($operation->kind->machine(), $operation->kind, [], [], null);
            $isHeld = array_filter($stops, static fn (Stop $stop): bool => $stop->holds($operation)) !== [];
            $queues[$operation->kind->value] = match (true) {
                $isHeld => $queue->waitingAt($operation->place, null),
                ! $order->isReady($key, $closed) => $queue->waitingAt(
                    $operation->place,
                    $queue->waitsFor ?? $order->operation($order->stillWaitingFor($key, $closed)[0])->kind,
                ),
                default => $queue->openAt($operation->place),
            };
        }

        return array_values($queues);
    }

    private function openAt(string $place): self
    {
        return new self($this->machine, $this->kind, [...$this->open, $place], $this->waiting, $this->waitsFor);
    }

    private function waitingAt(string $place, ?OperationKind $before): self
    {
        return new self($this->machine, $this->kind, $this->open, [...$this->waiting, $place], $this->waitsFor ?? $before);
    }
}
