<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

use NorthLedger\Core\CoreException;

/** A load that cannot be scheduled, and what it is about. */
final class SchedulingException extends \DomainException implements CoreException
{
    /** @param  list<string>  $about  Codes of the operations, machines or jobs that are concerned */
    private function __construct(public readonly SchedulingFault $fault, public readonly array $about, string $message)
    {
        parent::__construct($message);
    }

    /** @param  list<string>  $operations */
    public static function noTimeLeft(array $operations): self
    {
        return new self(
            SchedulingFault::NoTimeLeft,
            $operations,
            'The open hours of the machines are too few: '.implode(', ', $operations).' would not be done in them. Add hours or days.',
        );
    }

    /** @param  list<string>  $operations */
    public static function circular(array $operations): self
    {
        return new self(
            SchedulingFault::Circular,
            $operations,
            implode(', ', $operations).' wait for each other in a circle. Take one of the waits away.',
        );
    }

    public static function unknown(string $kind, string $code): self
    {
        return new self(SchedulingFault::UnknownWord, [$code], "There is no {$kind} “{$code}” in this load.");
    }

    /** @param  list<string>  $operations */
    public static function cannotPin(array $operations): self
    {
        return new self(
            SchedulingFault::CannotPin,
            $operations,
            'Not every pin can be kept: '.implode(', ', $operations).'. Move one of them, or take it away.',
        );
    }

    public static function hours(string $day, string $text): self
    {
        return new self(
            SchedulingFault::BadValue,
            [$day],
            "“{$text}” is no span of hours. Write it like 8:00–12:00, 12:30–17:00, one after the other; leave a closed day empty.",
        );
    }

    public static function impossible(string $what, string $code, int|float $value): self
    {
        return new self(SchedulingFault::BadValue, [$code], "{$value} is no {$what} (of “{$code}”).");
    }
}
