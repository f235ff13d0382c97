<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** One ring of a piston's set. */
final readonly class RingSpec
{
    /** @param  array<string, LengthRange>  $gaps  By how hard the engine is used, where the book tells uses apart */
    private function __construct(
        public string $name,
        public Length $width,
        public LengthRange $gap,
        public LengthRange $sideClearance,
        private array $gaps,
    ) {
    }

    /** The end gap for a use; the general one where the book has none for it, or nobody knows the use. */
    public function gapFor(?string $use): LengthRange
    {
        return $this->gaps[$use ?? ''] ?? $this->gap;
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('name')->text(),
            $node->at('width')->positiveLength($unit),
            LengthRange::fromNode($node->at('gap'), $unit),
            LengthRange::fromNode($node->at('side_clearance'), $unit),
            array_map(static fn (Node $gap): LengthRange => LengthRange::fromNode($gap, $unit), $node->at('gap_by_use')->membersIfGiven()),
        );
    }
}
