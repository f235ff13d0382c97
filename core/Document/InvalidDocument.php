<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

use NorthLedger\Core\CoreException;

/** A specification sheet or policy that cannot be used; it names every fault at once. */
final class InvalidDocument extends \DomainException implements CoreException
{
    /** @param  non-empty-list<Fault>  $faults */
    private function __construct(public readonly array $faults, string $message)
    {
        parent::__construct($message);
    }

    /** @param  non-empty-list<Fault>  $faults */
    public static function withFaults(string $name, array $faults): self
    {
        $sentences = array_map(static fn (Fault $fault): string => $fault->sentence(), $faults);

        return new self($faults, "{$name} cannot be used. ".implode(' ', $sentences));
    }

    public static function notJson(string $name, string $complaint): self
    {
        return self::withFaults($name, [new Fault('/', 'text that is not JSON ('.$complaint.')', 'a JSON object')]);
    }
}
