<?php

declare(strict_types=1);

namespace App\Words;

use BackedEnum;
use NorthLedger\Core\CoreException;
use NorthLedger\Core\Finding\PartDefect;
use NorthLedger\Core\Message;

/** Says the core's messages in the shop's language. */
final class Messages
{
    public static function text(Message $message): string
    {
        return Line::of(
            $message->code,
            array_map(
                static fn (string|int|BackedEnum|Message $value): string|int => match (true) {
                    $value instanceof Message => self::text($value),
                    $value instanceof BackedEnum => Labels::code($value),
                    default => $value,
                },
                $message->with,
            ),
        );
    }

    /** Why the core refuses, to the person who asked. */
    public static function refusal(CoreException $refused): string
    {
        return self::text($refused->said());
    }

    /** A message, or a text that is somebody's own. */
    public static function said(string|Message $said): string
    {
        return $said instanceof Message ? self::text($said) : $said;
    }

    /** What was found in a part beside its sizes, as a sentence. */
    public static function defect(PartDefect $defect): string
    {
        return self::text($defect->said);
    }

    /**
     * @param  array<PartDefect>  $defects
     * @return list<string>
     */
    public static function defects(array $defects): array
    {
        return array_values(array_map(self::defect(...), $defects));
    }
}
