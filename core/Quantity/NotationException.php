<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

use NorthLedger\Core\CoreException;

/** A text that does not read as a length; it is asked back, never rounded and never dropped. */
final class NotationException extends \InvalidArgumentException implements CoreException
{
    private function __construct(public readonly NotationFault $fault, string $message)
    {
        parent::__construct($message);
    }

    public static function empty(): self
    {
        return new self(NotationFault::Empty, 'Nothing was typed. Type the reading, then Enter.');
    }

    public static function unreadable(string $text): self
    {
        $shown = mb_strimwidth(mb_scrub($text), 0, 40, '…');

        return new self(
            NotationFault::Unreadable,
            "“{$shown}” does not read as a length. Write it like 3.8125, 3 13/16, 96.84 mm, +1.5 thou or 30 over.",
        );
    }

    public static function commaInInchJob(string $text): self
    {
        return new self(NotationFault::Unreadable, "“{$text}” has a comma, and this job is in inches. Write a point.");
    }

    public static function tooFine(string $text): self
    {
        return new self(NotationFault::TooFine, "“{$text}” is finer than a nanometre. Leave out the digits that no gauge shows.");
    }

    public static function fractionNeedsInch(string $text): self
    {
        return new self(
            NotationFault::FractionNeedsInch,
            "“{$text}” is a fraction, and fractions are inches. Put an inch mark behind it: {$text}\".",
        );
    }
}
