<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Operations and what each has to wait for: a partial order (WORK-1, WORK-1a). */
final readonly class WorkOrder
{
    /** @var array<string, list<Operation>> By kind */
    private array $ofKind;

    /**
     * @param  array<string, Operation>  $operations  By key, in an order that keeps every wait
     * @param  array<string, list<string>>  $before  Keys of everything that must be done before, directly or not, by key
     */
    private function __construct(public array $operations, private array $before, public Precedence $precedence)
    {
        $ofKind = [];
        foreach ($operations as $operation) {
            $ofKind[$operation->kind->value][] = $operation;
        }
        $this->ofKind = $ofKind;
    }

    /** @param  list<Operation>  $operations  Those of one kind in the order in which they are best done */
    public static function of(array $operations, Precedence $precedence): self
    {
        $before = $precedence->before(
            array_map(static fn (Operation $operation): OperationKey => new OperationKey($operation->kind, $operation->place), $operations),
        );

        return new self(self::sorted($operations, $before), $before, $precedence);
    }

    /** @return list<string> Keys of everything that must be done before it, directly or not */
    public function before(string $key): array
    {
        return $this->before[$key] ?? throw WorkException::unknownOperation($key);
    }

    /**
     * @param  list<string>  $done  Keys
     * @return bool True where nothing before it is open
     */
    public function isReady(string $key, array $done): bool
    {
        return array_diff($this->before($key), $done) === [];
    }

    /**
     * What it waits for and can be done next itself, or waits for nothing else that this one waits for.
     *
     * @param  list<string>  $done  Keys
     * @return list<string> Keys of the last operations before it that are not done
     */
    public function stillWaitingFor(string $key, array $done): array
    {
        $open = array_values(array_diff($this->before($key), $done));
        $earlier = array_merge([], ...array_values(array_intersect_key($this->before, array_flip($open))));

        return array_values(array_diff($open, $earlier));
    }

    /** @throws WorkException If the order has no such operation */
    public function operation(string $key): Operation
    {
        return $this->operations[$key] ?? throw WorkException::unknownOperation($key);
    }

    public function has(string $key): bool
    {
        return isset($this->operations[$key]);
    }

    /**
     * The same as if some operations did not stand in it.
     *
     * @param  list<string>  $keys
     */
    public function without(array $keys): self
    {
        return new self(array_diff_key($this->operations, array_flip($keys)), $this->before, $this->precedence);
    }

    /** @return list<Operation> Of one kind */
    public function ofKind(OperationKind $kind): array
    {
        return $this->ofKind[$kind->value] ?? [];
    }

    /**
     * As they were given, but for what has to wait.
     *
     * @param  list<Operation>  $operations
     * @param  array<string, list<string>>  $before
     * @return array<string, Operation>
     */
    private static function sorted(array $operations, array $before): array
    {
        $left = $sorted = [];
        foreach ($operations as $operation) {
            $left[$operation->key()] = $operation;
        }
        while ($left !== []) {
            foreach ($left as $key => $operation) {
                if (array_diff_key(array_flip($before[$key]), $sorted) === []) {
                    $sorted[$key] = $operation;
                    unset($left[$key]);
                    break;
                }
            }
        }

        return $sorted;
    }
}
