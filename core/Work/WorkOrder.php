<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** Operations and what each has to wait for: a partial order (WORK-1). */
final readonly class WorkOrder
{
    /**
     * @param  array<string, Operation>  $operations  By key, in an order that keeps every wait
     * @param  array<string, list<string>>  $waitsFor  Keys of the operations that come before, by key
     */
    private function __construct(public array $operations, private array $waitsFor)
    {
    }

    /**
     * @param  list<Operation>  $operations
     * @param  list<array{OperationKind, OperationKind}>  $before  Pairs: the first kind before the second;
     *                                                             a kind that is not in the order hands its waits on
     *
     * @throws WorkException If operations wait for each other
     */
    public static function of(array $operations, array $before): self
    {
        $byKind = [];
        foreach ($operations as $operation) {
            $byKind[$operation->kind->value][] = $operation;
        }
        $waitsFor = [];
        foreach ($operations as $operation) {
            $kinds = self::kindsBefore($operation->kind, $before, array_keys($byKind), []);
            $waitsFor[$operation->key()] = array_merge(
                [],
                ...array_map(static fn (string $kind): array => self::sameCylinder($byKind[$kind] ?? [], $operation), $kinds),
            );
        }

        return new self(self::sorted($operations, $waitsFor), $waitsFor);
    }

    /** @return list<string> Keys of the operations it waits for directly */
    public function waitsFor(string $key): array
    {
        return $this->waitsFor[$key] ?? throw WorkException::unknownOperation($key);
    }

    /**
     * @param  list<string>  $done  Keys
     * @return list<string> Keys of the operations before it that are not done
     */
    public function stillWaitingFor(string $key, array $done): array
    {
        return array_values(array_diff($this->waitsFor($key), $done));
    }

    /** @throws WorkException If the order has no such operation */
    public function operation(string $key): Operation
    {
        return $this->operations[$key] ?? throw WorkException::unknownOperation($key);
    }

    /**
     * @param  list<array{OperationKind, OperationKind}>  $before
     * @param  list<string>  $present
     * @param  list<OperationKind>  $path
     * @return list<string>
     */
    private static function kindsBefore(OperationKind $kind, array $before, array $present, array $path): array
    {
        if (in_array($kind, $path, true)) {
            throw WorkException::circular(array_map(static fn (OperationKind $step): string => $step->value, [...$path, $kind]));
        }
        $kinds = [];
        foreach ($before as [$first, $second]) {
            if ($second === $kind) {
                $kinds = [
                    ...$kinds,
                    ...in_array($first->value, $present, true)
                        ? [$first->value]
                        : self::kindsBefore($first, $before, $present, [...$path, $kind]),
                ];
            }
        }

        return array_values(array_unique($kinds));
    }

    /**
     * An operation on one cylinder waits for that cylinder's only, where the kind before is by cylinder too.
     *
     * @param  list<Operation>  $earlier
     * @return list<string>
     */
    private static function sameCylinder(array $earlier, Operation $operation): array
    {
        return array_values(
            array_map(
                static fn (Operation $one): string => $one->key(),
                array_filter(
                    $earlier,
                    static fn (Operation $one): bool => $one->cylinder === null ||
                        $operation->cylinder === null ||
                        $one->cylinder === $operation->cylinder,
                ),
            ),
        );
    }

    /**
     * @param  list<Operation>  $operations
     * @param  array<string, list<string>>  $waitsFor
     * @return array<string, Operation>
     */
    private static function sorted(array $operations, array $waitsFor): array
    {
        $sorted = [];
        while (count($sorted) < count($operations)) {
            $ready = array_filter(
                $operations,
                static fn (Operation $one): bool => ! isset($sorted[$one->key()]) &&
                    array_diff($waitsFor[$one->key()], array_keys($sorted)) === [],
            );
            if ($ready === []) {
                throw WorkException::circular(array_values(array_diff(array_keys($waitsFor), array_keys($sorted))));
            }
            foreach ($ready as $operation) {
                $sorted[$operation->key()] = $operation;
            }
        }

        return $sorted;
    }
}
