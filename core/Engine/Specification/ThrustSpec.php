<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\LengthUnit;

/** The housing that keeps the crankshaft endways, and how wide its polished bands are apart (LINE-4). */
final readonly class ThrustSpec
{
    private function __construct(public int $housing, public ?LengthRange $width)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self($node->at('housing')->wholeNumber(1, 12), LengthRange::ifGiven($node->at('width'), $unit));
    }
}
