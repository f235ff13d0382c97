<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** One step of a guided check, and how long to wait after it before the next. */
final readonly class CheckStep
{
    /**
     * @param  ?int  $waitMinutes  Before the next step; null where nothing waits
     * @param  ?int  $latestMinutes  After which the next step comes too late
     * @param  string  $caution  What can hurt; empty where nothing does
     */
    public function __construct(
        public StepKind $kind,
        public string $title,
        public string $instruction,
        public string $caution = '',
        public ?int $waitMinutes = null,
        public ?int $latestMinutes = null,
    ) {
    }
}
