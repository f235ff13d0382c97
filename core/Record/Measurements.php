<?php

declare(strict_types=1);

namespace NorthLedger\Core\Record;

use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Gauging\Scale;
use NorthLedger\Core\Quantity\Length;

/** What was read on one sheet, one value for a place; readings that are suspect are not among them. */
final readonly class Measurements
{
    /**
     * @param  array<string, Reading>  $readings  Lengths, by place key
     * @param  array<string, Conditions>  $conditions  Under which they were read, by place key
     * @param  array<string, int|float>  $values  Masses, roughnesses and volumes, by place key
     * @param  array<string, string>  $looks  By place key
     * @param  array<string, Scale>  $scales  What masses were weighed on, by place key, where it was stated
     */
    public function __construct(
        private array $readings = [],
        private array $conditions = [],
        private array $values = [],
        private array $looks = [],
        private array $scales = [],
    ) {
    }

    public static function none(): self
    {
        return new self();
    }

    public function reading(Place $place): ?Reading
    {
        return $this->readings[$place->key] ?? null;
    }

    public function length(Place $place): ?Length
    {
        return $this->reading($place)?->corrected;
    }

    public function conditions(Place $place): Conditions
    {
        return $this->conditions[$place->key] ?? Conditions::notStated();
    }

    public function value(Place $place): int|float|null
    {
        return $this->values[$place->key] ?? null;
    }

    /**
     * @param  list<Place>  $places
     * @return ?Scale The coarsest that they were weighed on; null where none was stated for one of them
     */
    public function scale(array $places): ?Scale
    {
        $coarsest = null;
        foreach ($places as $place) {
            $scale = $this->scales[$place->key] ?? null;
            if ($scale === null) {
                return null;
            }
            $coarsest = $coarsest === null || $scale->resolution->micrograms > $coarsest->resolution->micrograms ? $scale : $coarsest;
        }

        return $coarsest;
    }

    public function look(Place $place): ?string
    {
        return $this->looks[$place->key] ?? null;
    }

    public function isRead(Place $place): bool
    {
        $key = $place->key;

        return isset($this->readings[$key]) || isset($this->values[$key]) || isset($this->looks[$key]);
    }

    public function isEmpty(): bool
    {
        return $this->readings === [] && $this->values === [] && $this->looks === [];
    }

    /**
     * @param  list<Place>  $places
     * @return list<Place> Those of them that are not read
     */
    public function missing(array $places): array
    {
        return array_values(array_filter($places, fn (Place $place): bool => ! $this->isRead($place)));
    }

    /**
     * @param  list<Place>  $places
     * @return list<Reading> Of those that are read
     */
    public function readings(array $places): array
    {
        return array_values(array_filter(array_map($this->reading(...), $places)));
    }

    /**
     * What is known of a neighbour without knowing where it is read.
     *
     * @param  string  $feature  Its code
     * @return list<Reading> At every place of the feature with that number
     */
    public function readingsOf(string $feature, int $number): array
    {
        return array_values(
            array_filter(
                $this->readings,
                static fn (Reading $reading): bool => $reading->place->number === $number && $reading->place->feature->value === $feature,
            ),
        );
    }

    /** The same with another reading at a place. */
    public function withReading(Place $place, Reading $reading): self
    {
        return new self([$place->key => $reading] + $this->readings, $this->conditions, $this->values, $this->looks, $this->scales);
    }

    /** The same with another look at a place. */
    public function withLook(Place $place, string $look): self
    {
        return new self($this->readings, $this->conditions, $this->values, [$place->key => $look] + $this->looks, $this->scales);
    }

    /**
     * As if nothing had been read at some places.
     *
     * @param  list<Place>  $places
     */
    public function without(array $places): self
    {
        $keys = array_fill_keys(array_map(static fn (Place $place): string => $place->key, $places), true);

        return new self(
            array_diff_key($this->readings, $keys),
            array_diff_key($this->conditions, $keys),
            array_diff_key($this->values, $keys),
            array_diff_key($this->looks, $keys),
            array_diff_key($this->scales, $keys),
        );
    }

    /** With what another sheet knows of places that are not read here. */
    public function plus(self $other): self
    {
        return new self(
            $this->readings + $other->readings,
            $this->conditions + $other->conditions,
            $this->values + $other->values,
            $this->looks + $other->looks,
            $this->scales + $other->scales,
        );
    }
}
