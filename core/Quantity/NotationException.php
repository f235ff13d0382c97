<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A text that does not read as a length; it is asked back, never rounded and never dropped. */
final class NotationException extends CoreRefusal
{
    private function __construct(public readonly NotationFault $fault, Message $said)
    {
        parent::__construct($said);
    }

    public static function empty(): self
    {
        return new self(NotationFault::Empty, new Message('refusal.notation.empty'));
    }

    public static function unreadable(string $text): self
    {
        return new self(NotationFault::Unreadable, new Message('refusal.notation.unreadable', ['text' => self::shown($text)]));
    }

    public static function commaInInchJob(string $text): self
    {
        return new self(NotationFault::Unreadable, new Message('refusal.notation.comma_in_inch_job', ['text' => $text]));
    }

    public static function tooFine(string $text): self
    {
        return new self(NotationFault::TooFine, new Message('refusal.notation.too_fine', ['text' => $text]));
    }

    public static function fractionNeedsInch(string $text): self
    {
        return new self(NotationFault::FractionNeedsInch, new Message('refusal.notation.fraction_needs_inch', ['text' => $text]));
    }
}
