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
            $node->complain('range');
        }

        return $range;
    }

    /** Null where nobody has said it. */
    public static function ifGiven(Node $node, LengthUnit $unit): ?self
    {
        return $node->isGiven() ? self::fromNode($node, $unit) : null;
    }

    public static function between(Length $least, Length $most): self
    {
        return new self($least, $most);
    }

    public function plus(Length $more): self
    {
        return new self($this->least->plus($more), $this->most->plus($more));
    }

    public function minus(Length $less): self
    {
        return new self($this->least->minus($less), $this->most->minus($less));
    }

    public function middle(): Length
    {
        return $this->least->plus($this->most)->half();
    }

    /** What a gap between two parts can be: the hole less what stands in it. */
    public function around(self $inner): self
    {
        return new self($this->least->minus($inner->most), $this->most->minus($inner->least));
    }

    public function holds(self $inner): bool
    {
        return ! $inner->least->isSmallerThan($this->least) && ! $inner->most->isLargerThan($this->most);
    }
}
