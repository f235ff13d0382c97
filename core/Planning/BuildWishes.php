<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Money;
use NorthLedger\Core\Quantity\Volume;

/** What the customer wants of this engine, and what it is built to beside its sheet: each changes what is planned, or warns. */
final readonly class BuildWishes
{
    /**
     * @param  ?Length  $deckClearance  How far the pistons shall stand below the deck; below zero: proud of it
     * @param  array<int, float>  $ratios  Wanted, by bank
     * @param  array<int, Volume>  $chambers  Wanted, by bank
     */
    public function __construct(
        public ?Money $budget = null,
        public bool $keepsOriginal = false,
        public ?Length $deckClearance = null,
        public array $ratios = [],
        public array $chambers = [],
    ) {
    }
}
