<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use BackedEnum;

/** Something to be said, as a code and what stands in it; the words are the reader's language's. */
final readonly class Message
{
    /**
     * @param  string  $code  Of its line
     * @param  array<string, string|int|BackedEnum|self>  $with  By the name of the place in the line; texts are people's own or a sheet's
     */
    public function __construct(public string $code, public array $with = [])
    {
    }
}
