<?php

declare(strict_types=1);

namespace App\Words;

use NorthLedger\Core\Message;

/** What a look is called that is keyed by one digit. */
final class LookWord
{
    public static function of(string $code): string
    {
        return Line::of('looks.'.str_replace([', ', ' ', '-'], '_', $code));
    }

    /** What stands beside a finding: a look, a message, or nothing. */
    public static function beside(string|Message $said): string
    {
        return match (true) {
            $said instanceof Message => Messages::text($said),
            $said === '' => '',
            default => self::of($said),
        };
    }
}
