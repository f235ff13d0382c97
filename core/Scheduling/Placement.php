<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

/** One operation in a schedule: from its first minute to the one after its last. */
final readonly class Placement
{
    public function __construct(
        public string $operation,
        public ?string $machine,
        public int $start,
        public int $end,
        public bool $isSetUp,
    ) {
    }
}
