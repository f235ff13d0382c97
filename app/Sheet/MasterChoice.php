<?php

declare(strict_types=1);

namespace App\Sheet;

use App\Words\Line;

/** One master in a list to choose from; a fixture that is set to any size has none. */
final readonly class MasterChoice
{
    private function __construct(public string $tag, public string $words, public string $size)
    {
    }

    /** @param  string  $size  In the job's unit; empty for a fixture that is set to any size */
    public static function of(string $tag, string $name, string $size, bool $isPastDue): self
    {
        return new self($tag, "{$tag} {$name}".($isPastDue ? Line::of('gauges.choice.past_due') : ''), $size);
    }
}
