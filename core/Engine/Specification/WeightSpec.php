<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Mass;

/** Masses of the reciprocating set beside piston and rod, and the balance factor (BAL-2). */
final readonly class WeightSpec
{
    private function __construct(
        public ?Mass $pin,
        public ?Mass $rings,
        public ?Mass $locks,
        public ?Mass $bearing,
        public ?Mass $oilAllowance,
        public ?float $balanceFactor,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('pin_ug')->massIfGiven(),
            $node->at('rings_ug')->massIfGiven(),
            $node->at('locks_ug')->massIfGiven(),
            $node->at('bearing_ug')->massIfGiven(),
            $node->at('oil_allowance_ug')->massIfGiven(),
            $node->at('balance_factor')->ifGiven(static fn (Node $factor): float => $factor->number(0, 1)),
        );
    }
}
