<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A number that cannot be a quantity of its kind. */
final class QuantityException extends CoreRefusal
{
    private const MOST_SHOWN = 20;

    public static function negativeMass(int $micrograms): self
    {
        return new self(new Message('refusal.quantity.negative_mass', ['value' => $micrograms]));
    }

    public static function negativeRoughness(int $nanometres): self
    {
        return new self(new Message('refusal.quantity.negative_roughness', ['value' => $nanometres]));
    }

    public static function noMass(string $text): self
    {
        return new self(new Message('refusal.quantity.no_mass', ['text' => self::shown($text, self::MOST_SHOWN)]));
    }

    public static function noRoughness(string $text): self
    {
        return new self(new Message('refusal.quantity.no_roughness', ['text' => self::shown($text, self::MOST_SHOWN)]));
    }

    public static function noVolume(string $text): self
    {
        return new self(new Message('refusal.quantity.no_volume', ['text' => self::shown($text, self::MOST_SHOWN)]));
    }

    public static function noLengths(): self
    {
        return new self(new Message('refusal.quantity.no_lengths'));
    }
}
