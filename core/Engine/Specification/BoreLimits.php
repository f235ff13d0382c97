<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** Limits of out-of-round, taper and piston clearance of a bore; the limit itself conforms. Null where nobody knows it. */
final readonly class BoreLimits
{
    public function __construct(public ?Length $outOfRound, public ?Length $taper, public ?Length $clearance)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('out_of_round')->positiveLengthIfGiven($unit),
            $node->at('taper')->positiveLengthIfGiven($unit),
            $node->at('clearance')->positiveLengthIfGiven($unit),
        );
    }
}
