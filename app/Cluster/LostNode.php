<?php

declare(strict_types=1);

namespace App\Cluster;

use Illuminate\Database\LostConnectionDetector;
use Throwable;

/** A node that was shut out of its cluster answers, but takes no questions: it is as lost as one that is away. */
final class LostNode extends LostConnectionDetector
{
    private const SHUT_OUT = 'WSREP has not yet prepared node';

    public function causedByLostConnection(Throwable $exception): bool
    {
        return str_contains($exception->getMessage(), self::SHUT_OUT) || parent::causedByLostConnection($exception);
    }
}
