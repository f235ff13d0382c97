<?php

declare(strict_types=1);

namespace App\Record;

use DateTimeImmutable;

/** One value in which an engine differs from the book of its family. */
final readonly class OwnValue
{
    /** @param  mixed  $value  As it stands in a sheet's document */
    public function __construct(
        public string $pointer,
        public mixed $value,
        public string $reason,
        public int $userId,
        public DateTimeImmutable $at,
    ) {
    }
}
