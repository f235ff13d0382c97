<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\LengthUnit;

/** One group of journals at standard size, and the shells that run on them. */
final readonly class JournalSpec
{
    private function __construct(
        public int $count,
        public LengthRange $diameter,
        public LengthRange $fillet,
        public LengthRange $shellWall,
        public LengthRange $oilClearance,
    ) {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        return new self(
            $node->at('count')->wholeNumber(1, 12),
            LengthRange::fromNode($node->at('diameter'), $unit),
            LengthRange::fromNode($node->at('fillet'), $unit),
            LengthRange::fromNode($node->at('shell_wall'), $unit),
            LengthRange::fromNode($node->at('oil_clearance'), $unit),
        );
    }

    /** The oil clearances that parts inside their limits can give: bearing bore less journal (JRNL-8). */
    public function clearanceIn(LengthRange $housing): LengthRange
    {
        return LengthRange::between(
            $housing->least->minus($this->shellWall->most->times(2))->minus($this->diameter->most),
            $housing->most->minus($this->shellWall->least->times(2))->minus($this->diameter->least),
        );
    }
}
