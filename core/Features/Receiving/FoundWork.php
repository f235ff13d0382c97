<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Quantity\Length;

/** What the inspection itself found of earlier work; null where it has not looked everywhere yet (WORK-5). */
final readonly class FoundWork
{
    /**
     * @param  array<string, list<Length>>  $steps  The undersizes or line-bore steps that were read, by the kind of claim they answer; each
     *     of them has to be as claimed
     * @param  array<string, list<Finding>>  $findings  Of the sheets that were begun, by section
     */
    public function __construct(
        public ?int $sleeves,
        public bool $allBoresSurveyed,
        public ?int $inserts,
        public ?int $crackRepairs,
        public ?int $welds,
        public ?Length $boreStep,
        public array $steps = [],
        public array $findings = [],
    ) {
    }
}
