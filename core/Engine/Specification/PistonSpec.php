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
        public ?Length $standard,
        public ?Length $minimumClearance,
        public ?Length $maximumClearance,
        public ?Mass $mass,
        public ?Length $compressionHeight,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $spec = new self(
            $node->at('standard')->positiveLengthIfGiven($unit),
            $node->at('clearance')->at('least')->positiveLengthIfGiven($unit),
            $node->at('clearance')->at('most')->positiveLengthIfGiven($unit),
            $node->at('mass_ug')->massIfGiven(),
            $node->at('compression_height')->positiveLengthIfGiven($unit),
        );
        if (
            $spec->minimumClearance !== null &&
            $spec->maximumClearance !== null &&
            $spec->minimumClearance->isLargerThan($spec->maximumClearance)
        ) {
            $node->at('clearance')->complain('range');
        }

        return $spec;
    }

    /** A new piston of an oversize; null where its size at standard is not known. */
    public function sizeAt(Length $step): ?Length
    {
        return $this->standard?->plus($step);
    }
}
