<?php

declare(strict_types=1);

namespace App\Cluster;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Illuminate\Database\QueryException;
use PDO;
use Throwable;

/**
 * A transaction that another was faster than is tried again, whoever began it: two that write the same row through two nodes of a
 * cluster learn of each other when they commit. It begins at the database with the first question in it, which saves the way there.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const TRIES = 4;

    private const BEGIN = 'START TRANSACTION; ';

    /** A transaction was begun here of which the database does not know yet. */
    private bool $isBeginDue = false;

    /**
     * @template T
     *
     * @param  Closure(static): T  $callback
     * @param  int  $attempts  At the least this often
     * @return T
     *
     * @throws Throwable
     */
    public function transaction(Closure $callback, $attempts = 1): mixed
    {
        return parent::transaction($callback, max(self::TRIES, $attempts));
    }

    /**
     * @param  string  $query
     * @param  array<mixed>  $bindings
     * @param  bool  $useReadPdo
     * @return array<array<\stdClass>>
     */
    public function selectResultSets($query, $bindings = [], $useReadPdo = true): array
    {
        if (! $this->isBeginDue) {
            return parent::selectResultSets($query, $bindings, $useReadPdo);
        }
        $this->isBeginDue = false;

        return $this->orOnAnother(fn (): array => array_slice(parent::selectResultSets(self::BEGIN.$query, $bindings, false), 1));
    }

    /** What is asked of it is asked within the transaction that was begun. */
    public function getPdo(): PDO
    {
        if ($this->isBeginDue) {
            $this->isBeginDue = false;
            $this->orOnAnother(fn () => parent::executeBeginTransactionStatement());
        }

        return parent::getPdo();
    }

    /** @param  PDO|Closure|null  $pdo */
    public function setPdo($pdo): static
    {
        $this->isBeginDue = false;

        return parent::setPdo($pdo);
    }

    protected function executeBeginTransactionStatement(): void
    {
        $this->isBeginDue = true;
    }

    /**
     * What begins a transaction is asked again where the connection was lost: nothing of it is known to the database yet.
     *
     * @template T
     *
     * @param  Closure(): T  $begin
     * @return T
     *
     * @throws Throwable
     */
    private function orOnAnother(Closure $begin): mixed
    {
        try {
            return $begin();
        } catch (Throwable $exception) {
            $cause = $exception instanceof QueryException ? $exception->getPrevious() : null;
            if (! $this->causedByLostConnection($cause ?? $exception)) {
                throw $exception;
            }
            $level = $this->transactions;
            $this->reconnect();
            $this->transactions = $level;

            return $begin();
        }
    }
}
