<?php

declare(strict_types=1);

namespace NorthLedger\Core\Document;

use NorthLedger\Core\Message;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use NorthLedger\Core\Quantity\Mass;
use NorthLedger\Core\Quantity\NotationException;
use NorthLedger\Core\Quantity\ShopNotation;

/**
 * One place in a document that is being read. A reader asks it for what it needs; what is missing or
 * wrong is noted with its path, a stand-in is given, and reading goes on, so that all faults are found
 * in one go. `read()` throws them at the end.
 */
final readonly class Node
{
    /** Far beyond anything that an engine has, and far below what holds up a page. */
    private const MOST_ITEMS = 400;

    private const LONGEST_TEXT = 2000;

    /** @param  \ArrayObject<int, Fault>  $faults */
    private function __construct(private mixed $value, private string $path, private \ArrayObject $faults)
    {
    }

    /**
     * @template T
     *
     * @param  string|Message  $name  The document's own, or what it is
     * @param  array<mixed>  $data
     * @param  callable(self): T  $reader
     * @return T
     *
     * @throws InvalidDocument If anything in it is missing or wrong
     */
    public static function read(string|Message $name, array $data, callable $reader): mixed
    {
        /** @var \ArrayObject<int, Fault> $faults */
        $faults = new \ArrayObject();
        $result = $reader(new self($data, '', $faults));
        $found = array_values($faults->getArrayCopy());

        return $found === [] ? $result : throw InvalidDocument::withFaults($name, $found);
    }

    public function at(string $key): self
    {
        return new self(is_array($this->value) ? $this->value[$key] ?? null : null, "{$this->path}/{$key}", $this->faults);
    }

    public function isGiven(): bool
    {
        return $this->value !== null;
    }

    /**
     * @template T
     *
     * @param  callable(self): T  $reader
     * @return ?T Null where nobody has said anything here
     */
    public function ifGiven(callable $reader): mixed
    {
        return $this->isGiven() ? $reader($this) : null;
    }

    /** True where a text stands here, and there is nothing in it. */
    public function isEmptyText(): bool
    {
        return $this->value === '';
    }

    /**
     * Notes a fault of this place.
     *
     * @param  string  $expected  Code of what is expected, a line of `refusal.expected`
     * @param  array<string, string|int|\BackedEnum|Message>  $with  What stands in it
     */
    public function complain(string $expected, array $with = []): void
    {
        $shown =
            $this->value === null
                ? new Message('refusal.document.nothing')
                : mb_strimwidth(
                    (string) json_encode($this->value, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PARTIAL_OUTPUT_ON_ERROR),
                    0,
                    60,
                    '…',
                );
        $path = $this->path === '' ? '/' : $this->path;
        $this->faults->append(new Fault($path, $shown, new Message("refusal.expected.{$expected}", $with)));
    }

    /** @return list<self> */
    public function items(int $atLeast = 0, int $atMost = self::MOST_ITEMS): array
    {
        if (! is_array($this->value) || ! array_is_list($this->value) || count($this->value) < $atLeast) {
            $atLeast > 0 ? $this->complain('list_of_at_least', ['count' => $atLeast]) : $this->complain('list');

            return [];
        }
        if (count($this->value) > $atMost) {
            $this->complain('list_of_at_most', ['count' => $atMost]);

            return [];
        }

        return array_map(
            fn (int $index): self => new self($this->value[$index], "{$this->path}/{$index}", $this->faults),
            array_keys($this->value),
        );
    }

    /** @return array<string, self> By key; none where nobody has said anything here */
    public function membersIfGiven(): array
    {
        if (! $this->isGiven()) {
            return [];
        }
        if (! is_array($this->value)) {
            $this->complain('object');

            return [];
        }
        $keys = array_map(strval(...), array_keys($this->value));

        return array_combine($keys, array_map($this->at(...), $keys));
    }

    /** @return list<self> None where nobody has said anything here */
    public function itemsIfGiven(): array
    {
        return $this->isGiven() ? $this->items() : [];
    }

    public function text(): string
    {
        if (is_string($this->value) && trim($this->value) !== '' && mb_strlen($this->value) <= self::LONGEST_TEXT) {
            return $this->value;
        }
        is_string($this->value) && $this->value !== ''
            ? $this->complain('text_of_at_most', ['count' => self::LONGEST_TEXT])
            : $this->complain('text');

        return '?';
    }

    public function wholeNumber(int $least, int $most = PHP_INT_MAX): int
    {
        if (is_int($this->value) && $this->value >= $least && $this->value <= $most) {
            return $this->value;
        }
        $most === PHP_INT_MAX
            ? $this->complain('whole_number_or_more', ['least' => $least])
            : $this->complain('whole_number', ['least' => $least, 'most' => $most]);

        return $least;
    }

    public function flag(): bool
    {
        if (! is_bool($this->value)) {
            $this->complain('flag');
        }

        return $this->value === true;
    }

    /** In micrograms, above zero. */
    public function mass(): Mass
    {
        return Mass::ofMicrograms($this->wholeNumber(1));
    }

    /** Null where nobody has said it. */
    public function massIfGiven(): ?Mass
    {
        return $this->isGiven() ? $this->mass() : null;
    }

    public function number(float $least, float $most): float
    {
        if ((is_int($this->value) || is_float($this->value)) && $this->value >= $least && $this->value <= $most) {
            return (float) $this->value;
        }
        $this->complain('number', ['least' => (string) $least, 'most' => (string) $most]);

        return $least;
    }

    /**
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return E
     */
    public function word(string $enum): \BackedEnum
    {
        $word = is_string($this->value) ? $enum::tryFrom($this->value) : null;
        if ($word !== null) {
            return $word;
        }
        $cases = $enum::cases();
        $words = array_map(static fn (\BackedEnum $case): string => "“{$case->value}”", $cases);
        $this->complain('one_of', ['words' => implode(', ', $words)]);

        return $cases[0];
    }

    /** A length in shop notation; a bare number is in the document's unit. */
    public function length(LengthUnit $unit): Length
    {
        try {
            if (is_string($this->value)) {
                return ShopNotation::forSizes($unit)->read($this->value)->value;
            }
            $this->complain('length_as_text');
        } catch (NotationException $exception) {
            $this->complain('length', ['why' => $exception->said()]);
        }

        return Length::ofNanometres(1);
    }

    public function positiveLength(LengthUnit $unit): Length
    {
        $length = $this->length($unit);
        if (! $length->isPositive()) {
            $this->complain('length_above_zero');
        }

        return $length;
    }

    /** Null where nobody has said it. */
    public function positiveLengthIfGiven(LengthUnit $unit): ?Length
    {
        return $this->isGiven() ? $this->positiveLength($unit) : null;
    }

    /** @return ?list<Length> Null where nobody has said whether there are any */
    public function ascendingLengthsIfGiven(LengthUnit $unit): ?array
    {
        return $this->isGiven() ? $this->ascendingLengths($unit) : null;
    }

    /** @return list<Length> Above zero, from small to large, each once; none where nobody has said any */
    public function ascendingLengths(LengthUnit $unit): array
    {
        $lengths = array_map(static fn (self $item): Length => $item->positiveLength($unit), $this->itemsIfGiven());
        foreach (array_slice($lengths, 1) as $index => $length) {
            if (! $length->isLargerThan($lengths[$index])) {
                $this->complain('ascending_sizes');

                break;
            }
        }

        return $lengths;
    }
}
