<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Identification;

/** A number cast or stamped into a part. */
final class CastingNumber
{
    /** Letters and digits alone, in capitals: “198-4411 b” and “1984411B” are one number. */
    public static function normalised(string $number): string
    {
        return mb_strtoupper((string) preg_replace('/[^\p{L}\p{N}]+/u', '', $number));
    }
}
