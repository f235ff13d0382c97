<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** What was read from shop notation: the value, and whether it is a length or a size step. */
final readonly class NotedLength
{
    private function __construct(public Length $value, public NotationMeaning $means)
    {
    }

    public static function length(Length $value): self
    {
        return new self($value, NotationMeaning::Length);
    }

    public static function step(Length $value): self
    {
        return new self($value, NotationMeaning::Step);
    }
}
