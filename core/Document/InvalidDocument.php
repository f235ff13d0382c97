<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

use NorthLedger\Core\CoreRefusal;
use NorthLedger\Core\Message;

/** A specification sheet or policy that cannot be used; it names every fault at once. */
final class InvalidDocument extends CoreRefusal
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults, Message $said)
    {
        parent::__construct($said);
    }

    /**
     * @param  string|Message  $name  Its own, or what it is
     * @param  non-empty-list<Fault>  $faults
     */
    public static function withFaults(string|Message $name, array $faults): self
    {
        $said = array_map(static fn (Fault $fault): Message => $fault->said(), $faults);

        return new self($faults, new Message('refusal.document.unfit', ['name' => $name, 'faults' => Message::together($said)]));
    }

    public static function notJson(string|Message $name, string $complaint): self
    {
        return self::withFaults($name, [
            new Fault('/', new Message('refusal.document.no_json', ['complaint' => $complaint]), new Message('refusal.expected.object')),
        ]);
    }

    public static function noObject(string|Message $name): self
    {
        return self::withFaults($name, [
            new Fault('/', new Message('refusal.document.no_object'), new Message('refusal.expected.object')),
        ]);
    }

    public static function keyTwice(string|Message $name, string $key): self
    {
        return self::withFaults($name, [
            new Fault('/', new Message('refusal.document.key_twice', ['key' => $key]), new Message('refusal.expected.key_once')),
        ]);
    }
}
