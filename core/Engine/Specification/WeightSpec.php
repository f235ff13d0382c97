<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Mass;

/** Masses of the reciprocating set beside piston and rod, and the balance factor (BAL-2). */
final readonly class WeightSpec
{
    private function __construct(
        public Mass $pin,
        public Mass $rings,
        public Mass $locks,
        public Mass $bearing,
        public Mass $oilAllowance,
        public float $balanceFactor,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('pin_ug')->mass(),
            $node->at('rings_ug')->mass(),
            $node->at('locks_ug')->mass(),
            $node->at('bearing_ug')->mass(),
            $node->at('oil_allowance_ug')->mass(),
            $node->at('balance_factor')->number(0, 1),
        );
    }
}
