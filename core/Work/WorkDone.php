<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

use NorthLedger\Core\Engine\Specification\Layout;

/**
 * What of the work that was said to be done stands under the newest order: lived through again, order after order and
 * tick after tick (VER-6). Work is done no more where a new order asks for another size, where it was opened again, and
 * where metal has to be cut after it; readings of a bore that is worked again are readings of another bore.
 */
final class WorkDone
{
    /** @var array<string, int> By operation: index of the tick that was said of it last */
    private array $standing = [];

    /** @var array<string, string> By operation that is to be done again: the operation that makes it so */
    private array $again = [];

    /** @var array<int, int> By cylinder: the newest finished reading that is of an earlier bore */
    private array $outdated = [];

    /** @var array<string, int> By operation: the newest finished reading from before it was opened again */
    private array $before = [];

    private ?RevisedOrder $revision = null;

    /** @param  list<Tick>  $ticks */
    private function __construct(private readonly array $ticks, private readonly Layout $layout)
    {
    }

    /**
     * @param  list<RevisedOrder>  $orders  Oldest first
     * @param  list<Tick>  $ticks  Oldest first
     */
    public static function under(array $orders, array $ticks, Layout $layout): self
    {
        $done = new self($ticks, $layout);
        $before = [];
        foreach ($orders as $order) {
            $done->revise($order, $before);
            foreach ($ticks as $index => $tick) {
                if ($tick->order === $order->number) {
                    $done->say($index, $tick);
                }
            }
            $before[$order->number] = $order;
        }

        return $done;
    }

    /** @return array<string, int> By operation: index of what was said of it last, where it still stands */
    public function standing(): array
    {
        return $this->standing;
    }

    /** @return ?string Key of the operation after which it has to be done again */
    public function againAfter(string $operation): ?string
    {
        return $this->again[$operation] ?? null;
    }

    /** The newest finished reading of a cylinder that is of an earlier bore; 0 where all are of the present one. */
    public function lastOutdatedReading(int $cylinder): int
    {
        return $this->outdated[$cylinder] ?? 0;
    }

    /**
     * The newest finished reading from before an operation was opened again; 0 where it never was. Of what is done once to a whole part and
     * has to be done again at one place only, the readings of the other places stand.
     */
    public function lastReadingBefore(string $operation): int
    {
        return $this->before[$operation] ?? 0;
    }

    /** @param  array<int, RevisedOrder>  $before  By number */
    private function revise(RevisedOrder $order, array $before): void
    {
        $previous = $this->revision?->order->operations;
        $this->revision = $order;
        foreach ($this->standing as $key => $index) {
            $then = $before[$this->ticks[$index]->order]->order->operations[$key];
            $today = $order->order->operations[$key] ?? null;
            if ($today === null || ! self::holds($this->ticks[$index], $then, $today)) {
                $this->drop($key, $then, $order->lastReading);
            }
        }
        foreach ($order->order->operations as $key => $operation) {
            if ($previous !== null && ! isset($previous[$key]) && $operation->cylinder !== null && $operation->kind->takesTheSize()) {
                $this->outdated[$operation->cylinder] = $order->lastReading;
            }
            if (! $this->isClosed($key)) {
                $this->undo($operation, $order->lastReading);
            }
        }
    }

    private function say(int $index, Tick $tick): void
    {
        $operation = $this->revision?->order->operations[$tick->operation] ?? null;
        if ($operation === null) {
            return;
        }
        $was = isset($this->standing[$tick->operation]) ? $this->ticks[$this->standing[$tick->operation]]->state : TickState::Open;
        if ($tick->state === TickState::Open && $was->closes()) {
            $this->drop($tick->operation, $operation, $tick->lastReading);
            $this->before[$tick->operation] = max($this->lastReadingBefore($tick->operation), $tick->lastReading);
        }
        if ($tick->state === TickState::Open || ($tick->state === TickState::Done && $was !== TickState::Done)) {
            $this->undo($operation, $tick->lastReading);
        }
        $this->standing[$tick->operation] = $index;
        unset($this->again[$tick->operation]);
    }

    /** Opens everything that the operation undoes. */
    private function undo(Operation $by, int $lastReading): void
    {
        if ($this->standing === [] || ! $by->kind->undoesAnything()) {
            return;
        }
        foreach ($this->revision->order->operations ?? [] as $key => $operation) {
            if ($this->isClosed($key) && ($operation->isUndoneBy($by) || $this->isDistortedBy($operation, $by))) {
                $this->drop($key, $operation, $lastReading);
                $this->again[$key] = $by->key();
            }
        }
    }

    /** A bore that was finished before the sleeve beside it was pressed in is another bore since (WORK-1a). */
    private function isDistortedBy(Operation $operation, Operation $by): bool
    {
        return $by->kind === OperationKind::Sleeve &&
            $operation->kind === OperationKind::Hone &&
            in_array($operation->cylinder, $this->layout->beside($by->cylinder ?? 0), true);
    }

    private function drop(string $key, Operation $operation, int $lastReading): void
    {
        if ($operation->cylinder !== null && $operation->kind === OperationKind::Hone && $this->isClosed($key)) {
            $this->outdated[$operation->cylinder] = $lastReading;
        }
        if ($operation->place !== '') {
            $this->before[$key] = max($this->lastReadingBefore($key), $lastReading);
        }
        unset($this->standing[$key]);
    }

    private function isClosed(string $key): bool
    {
        return isset($this->standing[$key]) && $this->ticks[$this->standing[$key]]->state->closes();
    }

    private static function holds(Tick $tick, Operation $then, Operation $today): bool
    {
        return $tick->size === null ? $then->isSameAs($today) : $today->target?->holds($tick->size) ?? false;
    }
}
