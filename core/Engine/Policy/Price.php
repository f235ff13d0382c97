<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

use NorthLedger\Core\Document\Node;
use NorthLedger\Core\Quantity\Money;

/** What one piece costs, how long it holds a machine, and how long its part takes to come. */
final readonly class Price
{
    private const MOST_MINOR = 1_000_000_000;

    private const MOST_MINUTES = 10_000;

    private const MOST_DAYS = 1_000;

    /**
     * @param  Money  $labour  A piece
     * @param  Money  $parts  A piece
     * @param  int  $setupMinutes  Once, however many pieces
     * @param  int  $runMinutes  A piece
     * @param  int  $leadDays  Until the part is there; zero where nothing is ordered, or it is on the shelf
     */
    private function __construct(
        public Money $labour,
        public Money $parts,
        public int $setupMinutes,
        public int $runMinutes,
        public int $leadDays,
    ) {
    }

    public static function none(): self
    {
        return new self(Money::zero(), Money::zero(), 0, 0, 0);
    }

    public static function fromNode(Node $node): self
    {
        return new self(
            Money::ofMinor($node->at('labour_minor')->wholeNumber(0, self::MOST_MINOR)),
            Money::ofMinor($node->at('parts_minor')->wholeNumber(0, self::MOST_MINOR)),
            $node->at('setup_minutes')->wholeNumber(0, self::MOST_MINUTES),
            $node->at('run_minutes')->wholeNumber(0, self::MOST_MINUTES),
            $node->at('lead_days')->ifGiven(static fn (Node $days): int => $days->wholeNumber(0, self::MOST_DAYS)) ?? 0,
        );
    }

    public function each(): Money
    {
        return $this->labour->plus($this->parts);
    }
}
