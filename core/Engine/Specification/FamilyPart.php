<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** A part that engines of a family have beside what every engine of their layout has; a rare one is often missing. */
final readonly class FamilyPart
{
    private function __construct(public string $key, public string $words, public int $count, public bool $isRare)
    {
    }

    public static function fromNode(Node $node): self
    {
        $part = new self(
            $node->at('key')->text(),
            $node->at('words')->text(),
            $node->at('count')->wholeNumber(1, 200),
            $node->at('rare')->isGiven() && $node->at('rare')->flag(),
        );
        if (preg_match('/^[a-z0-9-]{1,20}$/D', $part->key) !== 1) {
            $node->at('key')->complain('short_key');
        }

        return $part;
    }
}
