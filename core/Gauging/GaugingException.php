<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\CoreException;

/** A gauge, place or reading that cannot be. */
final class GaugingException extends \DomainException implements CoreException
{
    public static function negative(string $what, float|int $value): self
    {
        return new self("The {$what} of a gauge cannot be below zero: {$value}.");
    }

    public static function noPlace(string $key): self
    {
        $shown = mb_strimwidth(mb_scrub($key), 0, 40, '…');

        return new self("“{$shown}” is no place that is read here. Choose one of the sheet's places.");
    }

    public static function noStep(): self
    {
        return new self('A scale shows steps above nothing, like 0.1 g or 0.01 g.');
    }

    public static function emptyRange(int $least, int $most): self
    {
        return new self("A gauge reads from its smallest size up to a larger one, not from {$least} nm to {$most} nm.");
    }

    public static function tooFewRepeats(int $found, int $needed): self
    {
        return new self("A study takes at least {$needed} readings of one place; there are {$found}.");
    }

    public static function notASize(int $nanometres): self
    {
        return new self("A size must be above zero: {$nanometres} nm.");
    }
}
