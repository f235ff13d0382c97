<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** Half shells of one wall thickness as they are sold, at standard (JRNL-9). */
final readonly class ShellGradeSpec
{
    private function __construct(public string $name, public Length $wall)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self($node->at('name')->text(), $node->at('wall')->positiveLength($unit));
    }
}
