<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;

/** From the least to the most, both allowed. */
final readonly class LengthRange
{
    private function __construct(public Length $least, public Length $most)
    {
    }

    public static function fromNode(Node $node, LengthUnit $unit): self
    {
        $range = new self($node->at('least')->length($unit), $node->at('most')->length($unit));
        if ($range->least->isLargerThan($range->most)) {
            $node->complain('the least no larger than the most');
        }

        return $range;
    }

    public static function between(Length $least, Length $most): self
    {
        return new self($least, $most);
    }

    public function holds(self $inner): bool
    {
        return ! $inner->least->isSmallerThan($this->least) && ! $inner->most->isLargerThan($this->most);
    }
}
