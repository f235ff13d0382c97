<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Record\Reading;
use NorthLedger\Core\Record\WallSurvey;

/** Everything known of one bore: one reading per place, the piston that will be used, and the looks. */
final readonly class BoreInspection
{
    /** @param  array<string, Reading>  $readings  By place key */
    private function __construct(
        public int $cylinder,
        public array $readings,
        public ?Reading $piston,
        public BoreLooks $looks,
        public WallSurvey $wall,
    ) {
    }

    /** @param  list<Reading>  $readings  Of the bore's places; the later one of the same place counts */
    public static function of(int $cylinder, array $readings, ?Reading $piston, BoreLooks $looks, ?WallSurvey $wall = null): self
    {
        $byPlace = [];
        foreach ($readings as $reading) {
            $byPlace[$reading->place->key] = $reading;
        }

        return new self($cylinder, $byPlace, $piston, $looks, $wall ?? WallSurvey::none());
    }

    /** The same bore with a crack that was found in its wall by other means than a look. */
    public function cracked(): self
    {
        return new self($this->cylinder, $this->readings, $this->piston, $this->looks->cracked(), $this->wall);
    }

    /** The same bore with its pits accepted by the customer. */
    public function conceded(): self
    {
        return new self($this->cylinder, $this->readings, $this->piston, $this->looks->conceded(), $this->wall);
    }

    /** The same bore where what looked like a crack turned out to be none. */
    public function cleared(): self
    {
        return new self($this->cylinder, $this->readings, $this->piston, $this->looks->cleared(), $this->wall);
    }

    /** True where pits are felt, and nobody has measured how deep they go. */
    public function wantsPitDepth(): bool
    {
        return $this->wall->pitDepth === null && $this->looks->pitting?->hasDepth() === true;
    }

    public function reading(Station $station, Axis $axis): ?Reading
    {
        return $this->readings["bore.{$this->cylinder}.{$station->value}.{$axis->value}"] ?? null;
    }

    /** @return array<int|string, Reading> By axis, in the order of the axes (PHP makes a number of the key “45”) */
    public function atStation(Station $station): array
    {
        $found = [];
        foreach (Axis::cases() as $axis) {
            $reading = $this->reading($station, $axis);
            if ($reading !== null) {
                $found[$axis->value] = $reading;
            }
        }

        return $found;
    }
}
