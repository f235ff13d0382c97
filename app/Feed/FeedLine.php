<?php

declare(strict_types=1);

namespace App\Feed;

/**
 * One line of the feed: gauge, value, unit and, where the gauge counts its lines, the number of this one, each apart by
 * spaces or tabs: “G-07 +1.5 thou 42”. docs/gauge-feed.md says it whole.
 */
final readonly class FeedLine
{
    public const UNITS = ['in', 'mm', 'thou', 'tenths', 'um'];

    private const LARGEST_SEQUENCE = 999_999_999_999;

    private function __construct(public string $gauge, public string $text, public ?int $sequence)
    {
    }

    /** @throws FeedRefusal If it is no such line */
    public static function parse(string $line): self
    {
        $parts = preg_split('/[ \t]+/', trim($line)) ?: [];
        if (count($parts) < 3 || count($parts) > 4) {
            throw FeedRefusal::because('a line is: gauge value unit [number], like “G-07 +1.5 thou 42”');
        }
        [$gauge, $value, $unit] = $parts;
        if (preg_match('/^[+\x{2212}-]?(?:\d{1,6}(?:\.\d{0,6})?|\.\d{1,6})$/uD', $value) !== 1) {
            throw FeedRefusal::because('“'.self::shown($value).'” is no value; write it like +1.5, with a point');
        }
        if (! in_array(strtolower($unit), self::UNITS, true)) {
            throw FeedRefusal::because('“'.self::shown($unit).'” is no unit of the feed; use '.implode(', ', self::UNITS));
        }
        $sequence = $parts[3] ?? null;
        if ($sequence !== null && (! ctype_digit($sequence) || strlen($sequence) > strlen((string) self::LARGEST_SEQUENCE))) {
            throw FeedRefusal::because('“'.self::shown($sequence).'” is no line number; use whole numbers, or leave it out');
        }

        return new self($gauge, "{$value} ".strtolower($unit), $sequence === null ? null : (int) $sequence);
    }

    private static function shown(string $text): string
    {
        return mb_strimwidth(mb_scrub($text), 0, 20, '…');
    }
}
