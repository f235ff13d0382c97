<?php

declare(strict_types=1);

namespace App\Feed;

/** Which line of which gauge a reading was, where the gauge counts its lines; one line makes one reading. */
final readonly class FeedMark
{
    public function __construct(public string $gauge, public int $number)
    {
    }
}
