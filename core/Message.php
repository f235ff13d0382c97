<?php

declare(strict_types=1);

namespace NorthLedger\Core;

use BackedEnum;
use Stringable;

/** Something to be said, as a code and what stands in it; the words are the reader's language's. */
final readonly class Message implements Stringable
{
    /**
     * @param  string  $code  Of its line
     * @param  array<string, string|int|BackedEnum|self>  $with  By the name of the place in the line; texts are people's own or a sheet's
     */
    public function __construct(public string $code, public array $with = [])
    {
    }

    /**
     * Several, one after the other.
     *
     * @param  non-empty-list<self>  $said
     */
    public static function together(array $said): self
    {
        return self::joined('refusal.together', $said);
    }

    /**
     * With commas between them.
     *
     * @param  non-empty-list<string|int|BackedEnum|self>  $said
     */
    public static function listed(array $said): self
    {
        return self::joined('refusal.listed', $said);
    }

    /**
     * @param  string  $line  That joins two
     * @param  non-empty-list<string|int|BackedEnum|self>  $said
     */
    private static function joined(string $line, array $said): self
    {
        $first = array_shift($said);

        return match (true) {
            $said !== [] => new self($line, ['first' => $first, 'rest' => self::joined($line, $said)]),
            $first instanceof self => $first,
            default => new self('refusal.alone', ['first' => $first]),
        };
    }

    /** For a log, and for who reads the code: what is said in no language. */
    public function __toString(): string
    {
        $with = [];
        foreach ($this->with as $name => $value) {
            $with[] = "{$name}: ".($value instanceof BackedEnum ? $value->value : $value);
        }

        return $this->code.($with === [] ? '' : ' ('.implode(', ', $with).')');
    }
}
