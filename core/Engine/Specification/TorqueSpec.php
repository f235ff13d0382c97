<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** How a fastener is tightened, as the book words it: “85 ft lb in three steps, oiled”. It is read by people and computes nothing. */
final readonly class TorqueSpec
{
    private function __construct(public string $fastener, public string $torque)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->at('fastener')->text(), $node->at('torque')->text());
    }
}
