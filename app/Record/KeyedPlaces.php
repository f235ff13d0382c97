<?php

declare(strict_types=1);

namespace App\Record;

use App\Storage\KeyedReading;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Engine\Places\Station;

/** What was keyed into a sheet, place by place. */
final class KeyedPlaces
{
    /** @var array<int, array<string, Place>> Where a gauged length stands, by cylinder and key */
    private array $measured = [];

    /** @var array<int, array<string, Place>> Traced walls, thicknesses and pits, by cylinder and key */
    private array $walls = [];

    /** @var ?array<string, array<int|string, true>> By station and axis */
    private ?array $axesRead = null;

    /** @param  array<string, PlaceEntries>  $all  By place key */
    private function __construct(public readonly array $all)
    {
        foreach ($all as $key => $entries) {
            if ($entries->newest()?->nanometres !== null) {
                $place = Place::parse($key);
                if ($place->feature->isGauged()) {
                    $this->measured[$place->number][$key] = $place;
                } else {
                    $this->walls[$place->number][$key] = $place;
                }
            }
        }
    }

    /** @param  list<KeyedReading>  $rows  Oldest first */
    public static function of(array $rows): self
    {
        $places = [];
        foreach ($rows as $row) {
            $place = $places[$row->place] ??= new PlaceEntries();
            if ($row->withdrawsId === null) {
                $place->add($row);
            } else {
                $place->withdraw($row->withdrawsId);
            }
        }

        return new self($places);
    }

    public function at(Place $place): PlaceEntries
    {
        return $this->all[$place->key()] ?? new PlaceEntries();
    }

    /** True where a gauged length stands. */
    public function isMeasured(Place $place): bool
    {
        return isset($this->measured[$place->number][$place->key()]);
    }

    /** @return array<string, Place> The places where a gauged length stands, by key */
    public function measured(): array
    {
        return array_merge([], ...array_values($this->measured));
    }

    /** @return array<string, Place> Of a cylinder, by key */
    public function measuredOf(int $cylinder): array
    {
        return $this->measured[$cylinder] ?? [];
    }

    /** @return array<string, Place> Of a cylinder: traced walls, thicknesses and pits, by key */
    public function wallOf(int $cylinder): array
    {
        return $this->walls[$cylinder] ?? [];
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
