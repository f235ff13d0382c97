<?php

declare(strict_types=1);

namespace Tests\CaseAdapters;

use NorthLedger\Core\Quantity\Length;

/** The `given` of a case; asking for what is not there refuses with the case's own error codes. */
final readonly class Given
{
    /** @param  array<mixed>  $data */
    public function __construct(private array $data)
    {
    }

    public function has(string $key): bool
    {
        return ($this->data[$key] ?? null) !== null;
    }

    public function value(string $key): mixed
    {
        return $this->data[$key] ?? throw Refusal::withCode('missing_input');
    }

    public function text(string $key): string
    {
        $value = $this->value($key);

        return is_string($value) ? $value : throw Refusal::withCode('bad_value');
    }

    public function number(string $key): float
    {
        $value = $this->value($key);

        return is_int($value) || is_float($value) ? (float) $value : throw Refusal::withCode('bad_value');
    }

    public function whole(string $key): int
    {
        $value = $this->value($key);

        return is_int($value) ? $value : throw Refusal::withCode('bad_value');
    }

    public function length(string $key): Length
    {
        return Length::ofNanometres($this->whole($key));
    }

    /** A size: above zero. */
    public function size(string $key): Length
    {
        $length = $this->length($key);

        return $length->isPositive() ? $length : throw Refusal::withCode('bad_value');
    }

    /** A limit, stock or tolerance: zero or above. */
    public function allowance(string $key): Length
    {
        $length = $this->length($key);

        return $length->isNegative() ? throw Refusal::withCode('bad_value') : $length;
    }

    /** @return list<Length> */
    public function lengths(string $key): array
    {
        return array_map(
            static fn (mixed $value): Length => is_int($value) ? Length::ofNanometres($value) : throw Refusal::withCode('bad_value'),
            array_values((array) $this->value($key)),
        );
    }

    public function flag(string $key): bool
    {
        return ($this->data[$key] ?? false) === true;
    }

    public function part(string $key): self
    {
        $value = $this->value($key);

        return is_array($value) ? new self($value) : throw Refusal::withCode('bad_value');
    }

    /** @return list<self> */
    public function parts(string $key): array
    {
        return array_map(
            static fn (mixed $part): self => is_array($part) ? new self($part) : throw Refusal::withCode('bad_value'),
            array_values((array) $this->value($key)),
        );
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function word(string $key, string $enum): \BackedEnum
    {
        return $enum::tryFrom($this->text($key)) ?? throw Refusal::withCode('unknown_word');
    }
}
