<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;

/** A new piston at standard size, measured at the skirt, and the clearance it wants. */
final readonly class PistonSpec
{
    private function __construct(
        public Length $standard,
        public Length $minimumClearance,
        public Length $maximumClearance,
        public Mass $mass,
        public Length $compressionHeight,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $spec = new self(
            $node->at('standard')->positiveLength($unit),
            $node->at('clearance')->at('least')->positiveLength($unit),
            $node->at('clearance')->at('most')->positiveLength($unit),
            $node->at('mass_ug')->mass(),
            $node->at('compression_height')->positiveLength($unit),
        );
        if ($spec->minimumClearance->isLargerThan($spec->maximumClearance)) {
            $node->at('clearance')->complain('the least no larger than the most');
        }

        return $spec;
    }

    /** A new piston of an oversize. */
    public function sizeAt(Length $step): Length
    {
        return $this->standard->plus($step);
    }
}
