<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** One ring of a piston's set. */
final readonly class RingSpec
{
    private function __construct(public string $name, public Length $width, public LengthRange $gap, public LengthRange $sideClearance)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('name')->text(),
            $node->at('width')->positiveLength($unit),
            LengthRange::fromNode($node->at('gap'), $unit),
            LengthRange::fromNode($node->at('side_clearance'), $unit),
        );
    }
}
