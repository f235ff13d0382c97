<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** A job as the schedule knows it: when it is due, and how much it matters (LOAD-3). */
final readonly class ScheduledJob
{
    /** @throws SchedulingException If the weight is below zero */
    public function __construct(public string $code, public int $due, public float|int $weight)
    {
        $weight < 0 && throw SchedulingException::impossible('weight', $code, $weight);
    }
}
