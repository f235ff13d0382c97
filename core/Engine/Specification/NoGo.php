<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** Where a housing is not measured, in degrees clockwise from the top, seen from the front (LINE-1). */
final readonly class NoGo
{
    private function __construct(public int $housing, public int $degrees, public string $words)
    {
    }

    public static function fromNode(Node $node): self
    {
        return new self($node->at('housing')->wholeNumber(1, 12), $node->at('degrees')->wholeNumber(0, 359), $node->at('words')->text());
    }

    /** True where a diameter across that direction touches it. */
    public function liesOn(int $degrees): bool
    {
        return $this->degrees % 180 === $degrees % 180;
    }
}
