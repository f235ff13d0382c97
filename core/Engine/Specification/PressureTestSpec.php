<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Document\Node;

/** How tight a circuit of passages has to be (CRACK-6): gauge pressure in kilopascals, the drop allowed over the minutes. */
final readonly class PressureTestSpec
{
    private function __construct(
        public string $circuit,
        public EnginePart $part,
        public string $medium,
        public float $kilopascals,
        public float $minutes,
        public float $allowedDrop,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            $node->at('circuit')->text(),
            $node->at('part')->word(EnginePart::class),
            $node->at('medium')->text(),
            $node->at('kilopascals')->number(10, 1_000),
            $node->at('minutes')->number(1, 240),
            $node->at('allowed_drop')->number(0, 1_000),
        );
    }
}
