<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** An amount of money in whole minor units of the shop's one currency (QTY-6). */
final readonly class Money
{
    private function __construct(public int $minor)
    {
    }

    public static function ofMinor(int $minor): self
    {
        return new self($minor);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    public function plus(self $other): self
    {
        return new self($this->minor + $other->minor);
    }

    public function minus(self $other): self
    {
        return new self($this->minor - $other->minor);
    }

    public function times(int $count): self
    {
        return new self($this->minor * $count);
    }
}
