<?php

declare(strict_types=1);

namespace App\Feed;

/** A line that is not taken, with what is wrong with it. */
final class FeedRefusal extends \RuntimeException
{
    public static function because(string $sentence): self
    {
        return new self($sentence);
    }
}
