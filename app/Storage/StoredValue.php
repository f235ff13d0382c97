<?php

declare(strict_types=1);

namespace App\Storage;

use BackedEnum;
use DateTimeInterface;

/** A value as it stands in the tables that only grow, and in a job's row. */
final class StoredValue
{
    public static function of(mixed $value): string|int|float|null
    {
        return match (true) {
            $value instanceof BackedEnum => $value->value,
            $value instanceof DateTimeInterface => $value->format('Y-m-d H:i:s.v'),
            is_bool($value) => (int) $value,
            is_array($value) => json_encode($value, JSON_THROW_ON_ERROR),
            default => $value,
        };
    }
}
