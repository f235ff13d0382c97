<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** Where numbers are stamped into a deck, in thousandths of its length and width from its top left: a cut takes them away (DECK-4). */
final readonly class StampedPlace
{
    private function __construct(public Face $face, public int $x, public int $y, public string $words)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('face')->word(Face::class),
            $node->at('x')->wholeNumber(0, PronePlace::SIDE),
            $node->at('y')->wholeNumber(0, PronePlace::SIDE),
            $node->at('words')->text(),
        );
    }
}
