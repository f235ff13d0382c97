<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\KeyedReading;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;

/** What was keyed into a sheet, place by place. */
final class KeyedPlaces
{
    /** @var ?array<string, array<int|string, true>> By station and axis */
    private ?array $axesRead = null;

    /**
     * Where a length stands: what is gauged, and traced walls, thicknesses and pits.
     *
     * @var ?array{array<int, array<string, Place>>, array<int, array<string, Place>>} Each by cylinder and key; null until it is asked
     */
    private ?array $standing = null;

    /**
     * @param  array<string, PlaceEntries>  $all  By place key
     * @param  ?self  $before  What was known before the newest was keyed
     * @param  array<string, PlaceEntries>  $keyed  Those that were keyed since
     */
    private function __construct(public readonly array $all, private ?self $before, private readonly array $keyed)
    {
    }

    /** @param  list<KeyedReading>  $rows  Oldest first */
    public static function of(array $rows): self
    {
        return (new self([], null, []))->followedBy($rows);
    }

    /**
     * The same with what was keyed since; only the places of these rows are looked at again, once somebody asks where anything stands.
     *
     * @param  list<KeyedReading>  $rows  Oldest first
     */
    public function followedBy(array $rows): self
    {
        $all = $this->all;
        $keyed = [];
        foreach ($rows as $row) {
            $key = $row->place;
            $all[$key] = $keyed[$key] ??= isset($all[$key]) ? clone $all[$key] : new PlaceEntries();
            if ($row->withdrawsId === null) {
                $all[$key]->add($row);
            } else {
                $all[$key]->withdraw($row->withdrawsId);
            }
        }

        return new self($all, $this, $keyed);
    }

    /** @return array{array<int, array<string, Place>>, array<int, array<string, Place>>} */
    private function standing(): array
    {
        $this->standing ??= $this->before === null ? [[], []] : $this->sinceThen($this->before);
        // A file of hundreds of readings would keep every one before it.
        $this->before = null;

        return $this->standing;
    }

    /** @return array{array<int, array<string, Place>>, array<int, array<string, Place>>} */
    private function sinceThen(self $before): array
    {
        [$measured, $walls] = $before->standing();
        foreach ($this->keyed as $key => $entries) {
            $stands = $entries->newest()?->nanometres !== null;
            $stood = ($before->all[$key] ?? null)?->newest()?->nanometres !== null;
            if (! $stands && ! $stood) {
                continue;
            }
            $place = Place::parse($key);
            if ($place->feature->isGauged()) {
                $measured = $before->with($measured, $place, $stands);
            } else {
                $walls = $before->with($walls, $place, $stands);
            }
        }

        return [$measured, $walls];
    }

    /**
     * @param  array<int, array<string, Place>>  $standing
     * @return array<int, array<string, Place>>
     */
    private function with(array $standing, Place $place, bool $stands): array
    {
        $key = $place->key;
        $others = $standing[$place->number] ?? [];
        if (! $stands) {
            unset($standing[$place->number][$key]);
        } elseif (! isset($others[$key])) {
            $places = $others + [$key => $place];
            // One that was taken back and is read again stands where it stood.
            $standing[$place->number] = isset($this->all[$key])
                ? array_replace(array_intersect_key($this->all, $places), $places)
                : $places;
        }

        return $standing;
    }

    public function at(Place $place): PlaceEntries
    {
        return $this->all[$place->key] ?? new PlaceEntries();
    }

    /** True where a gauged length stands. */
    public function isMeasured(Place $place): bool
    {
        return isset($this->standing()[0][$place->number][$place->key]);
    }

    /** @return array<string, Place> The places where a gauged length stands, by key */
    public function measured(): array
    {
        return array_merge([], ...array_values($this->standing()[0]));
    }

    /** @return array<string, Place> Of a cylinder, by key */
    public function measuredOf(int $cylinder): array
    {
        return $this->standing()[0][$cylinder] ?? [];
    }

    /** @return array<string, Place> Of a cylinder: traced walls, thicknesses and pits, by key */
    public function wallOf(int $cylinder): array
    {
        return $this->standing()[1][$cylinder] ?? [];
    }

    /** @return array<int|string, true> The axes of a station on which anything stands, in any bore */
    public function axesRead(Station $station): array
    {
        if ($this->axesRead === null) {
            $this->axesRead = [];
            foreach ($this->measured() as $place) {
                $this->axesRead[$place->station->value ?? ''][$place->axis->value ?? ''] = true;
            }
        }

        return $this->axesRead[$station->value] ?? [];
    }
}
