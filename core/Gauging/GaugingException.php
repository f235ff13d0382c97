<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A gauge, place or reading that cannot be. */
final class GaugingException extends CoreRefusal
{
    /** @param  string  $what  Code of the property, like `resolution` */
    public static function negative(string $what, float|int $value): self
    {
        return new self(
            new Message('refusal.gauging.negative', ['what' => new Message("refusal.what.{$what}"), 'value' => (string) $value]),
        );
    }

    public static function noPlace(string $key): self
    {
        return new self(new Message('refusal.gauging.no_place', ['place' => self::shown($key)]));
    }

    public static function noStep(): self
    {
        return new self(new Message('refusal.gauging.no_step'));
    }

    public static function emptyRange(int $least, int $most): self
    {
        return new self(new Message('refusal.gauging.empty_range', ['least' => $least, 'most' => $most]));
    }

    public static function tooFewRepeats(int $found, int $needed): self
    {
        return new self(new Message('refusal.gauging.too_few_repeats', ['found' => $found, 'needed' => $needed]));
    }

    public static function notASize(int $nanometres): self
    {
        return new self(new Message('refusal.gauging.not_a_size', ['value' => $nanometres]));
    }
}
