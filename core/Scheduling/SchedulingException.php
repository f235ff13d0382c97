<?php

declare(strict_types=1);

namespace NorthLedger\Core\Scheduling;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A load that cannot be scheduled, and what it is about. */
final class SchedulingException extends CoreRefusal
{
    /** @param  list<string>  $about  Codes of the operations, machines or jobs that are concerned */
    private function __construct(public readonly SchedulingFault $fault, public readonly array $about, Message $said)
    {
        parent::__construct($said);
    }

    /** @param  list<string>  $operations */
    public static function noTimeLeft(array $operations): self
    {
        return new self(SchedulingFault::NoTimeLeft, $operations, self::about('refusal.scheduling.no_time_left', $operations));
    }

    /** @param  list<string>  $operations */
    public static function circular(array $operations): self
    {
        return new self(SchedulingFault::Circular, $operations, self::about('refusal.scheduling.circular', $operations));
    }

    public static function noJob(string $code): self
    {
        return new self(SchedulingFault::UnknownWord, [$code], new Message('refusal.scheduling.no_job', ['code' => $code]));
    }

    public static function noMachine(string $code): self
    {
        return new self(SchedulingFault::UnknownWord, [$code], new Message('refusal.scheduling.no_machine', ['code' => $code]));
    }

    public static function noOperation(string $code): self
    {
        return new self(SchedulingFault::UnknownWord, [$code], new Message('refusal.scheduling.no_operation', ['code' => $code]));
    }

    /** @param  list<string>  $operations */
    public static function cannotPin(array $operations): self
    {
        return new self(SchedulingFault::CannotPin, $operations, self::about('refusal.scheduling.cannot_pin', $operations));
    }

    public static function hours(string $day, string $text): self
    {
        return new self(SchedulingFault::BadValue, [$day], new Message('refusal.scheduling.hours', ['text' => $text]));
    }

    /** @param  string  $what  Code of the value, like `set_up` */
    public static function impossible(string $what, string $code, int|float $value): self
    {
        return new self(
            SchedulingFault::BadValue,
            [$code],
            new Message('refusal.scheduling.impossible', [
                'what' => new Message("refusal.what.{$what}"),
                'code' => $code,
                'value' => (string) $value,
            ]),
        );
    }

    /** @param  list<string>  $operations */
    private static function about(string $line, array $operations): Message
    {
        return new Message($line, ['operations' => implode(', ', $operations)]);
    }
}
