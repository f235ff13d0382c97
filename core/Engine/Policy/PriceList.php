<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Money;

/**
 * The shop's prices for block work: setup and block once, the rest by cylinder; a separate cylinder comes with its piston; minutes are
 * machine time.
 */
final readonly class PriceList
{
    private function __construct(
        public Money $setup,
        public Money $bore,
        public Money $hone,
        public Money $sleeve,
        public Money $rings,
        public Money $piston,
        public Money $block,
        public Money $cylinder,
        public int $setupMinutes,
        public int $boreMinutes,
        public int $honeMinutes,
        public int $sleeveMinutes,
    ) {
    }

    public static function fromNode(Node $node): self
    {
        $money = static fn (string $key): Money => Money::ofMinor($node->at($key)->wholeNumber(0, 1_000_000_000));
        $minutes = static fn (string $key): int => $node->at($key)->wholeNumber(0, 10_000);

        return new self(
            $money('setup_minor'),
            $money('bore_minor'),
            $money('hone_minor'),
            $money('sleeve_minor'),
            $money('rings_minor'),
            $money('piston_minor'),
            $money('block_minor'),
            $money('cylinder_minor'),
            $minutes('setup_minutes'),
            $minutes('bore_minutes'),
            $minutes('hone_minutes'),
            $minutes('sleeve_minutes'),
        );
    }
}
