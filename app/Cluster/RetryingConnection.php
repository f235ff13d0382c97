<?php

declare(strict_types=1);

namespace App\Cluster;

use Closure;
use Illuminate\Database\MariaDbConnection;
use Throwable;

/**
 * A transaction that another was faster than is tried again, whoever began it: two that write the same row through two nodes of a
 * cluster learn of each other when they commit.
 */
final class RetryingConnection extends MariaDbConnection
{
    private const TRIES = 4;

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
}
