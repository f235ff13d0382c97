<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** Where a valve seat lies in a face, in thousandths of the face's width and height, from its top left. */
final readonly class SeatPlace
{
    private function __construct(public Face $face, public int $cylinder, public ValveKind $valve, public int $x, public int $y)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('face')->word(Face::class),
            $node->at('cylinder')->wholeNumber(1, Layout::MOST_CYLINDERS),
            $node->at('valve')->word(ValveKind::class),
            $node->at('x')->wholeNumber(0, PronePlace::SIDE),
            $node->at('y')->wholeNumber(0, PronePlace::SIDE),
        );
    }
}
