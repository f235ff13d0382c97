<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

use NorthLedger\Core\CoreException;

/** A number that cannot be a quantity of its kind. */
final class QuantityException extends \DomainException implements CoreException
{
    public static function negative(string $kind, int $value, string $unit): self
    {
        return new self("A {$kind} cannot be below zero: {$value} {$unit}. Give zero or more.");
    }

    public static function noMass(string $text): self
    {
        return new self(
            '“'.mb_strimwidth(mb_scrub($text), 0, 20, '…').'” does not read as a mass. Key grams as the scale shows them, like 612.4.',
        );
    }

    public static function noRoughness(string $text): self
    {
        return new self(
            '“'.
                mb_strimwidth(mb_scrub($text), 0, 20, '…').
                '” does not read as a finish. Key Ra in µm, like 0.18, or in microinches with their unit, like 7 uin.',
        );
    }

    public static function noVolume(string $text): self
    {
        return new self(
            '“'.
                mb_strimwidth(mb_scrub($text), 0, 20, '…').
                '” does not read as a volume. Key cubic centimetres as the burette shows them, like 54.3.',
        );
    }

    public static function noLengths(): self
    {
        return new self('There is no length to compare. Give at least one.');
    }
}
