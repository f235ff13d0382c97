<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Quantity\Length;

/** What the inspection itself found of earlier work; null where it has not looked everywhere yet (WORK-5). */
final readonly class FoundWork
{
    public function __construct(
        public ?int $sleeves,
        public bool $allBoresSurveyed,
        public ?int $inserts,
        public ?int $crackRepairs,
        public ?int $welds,
        public ?Length $boreStep,
    ) {
    }
}
