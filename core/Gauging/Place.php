<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/**
 * A place of the bore sheet that is read or looked at. Its key is stable and is what is stored:
 * `bore.3.top.thrust`, `piston.3`, `ridge.3.top`, `scoring.3`.
 */
final readonly class Place
{
    private function __construct(
        public Feature $feature,
        public int $cylinder,
        public ?Station $station,
        public ?Axis $axis,
    ) {
    }

    public static function bore(int $cylinder, Station $station, Axis $axis): self
    {
        return new self(Feature::Bore, $cylinder, $station, $axis);
    }

    public static function piston(int $cylinder): self
    {
        return new self(Feature::Piston, $cylinder, null, null);
    }

    /** The ridge is felt for at the top and at the bottom of the ring travel. */
    public static function ridge(int $cylinder, Station $end): self
    {
        return new self(Feature::Ridge, $cylinder, $end, null);
    }

    public static function look(Feature $feature, int $cylinder): self
    {
        return new self($feature, $cylinder, null, null);
    }

    /** @throws GaugingException If the key names no place */
    public static function parse(string $key): self
    {
        $parts = explode('.', $key);
        $feature = Feature::tryFrom($parts[0]);
        $place = $feature === null || preg_match('/^[1-9]\d?$/D', $parts[1] ?? '') !== 1 ? null : new self(
            $feature,
            (int) $parts[1],
            Station::tryFrom($parts[2] ?? ''),
            Axis::tryFrom($parts[3] ?? ''),
        );

        return $place !== null && $place->isWhole() && $place->key() === $key ? $place : throw GaugingException::noPlace($key);
    }

    public function key(): string
    {
        return implode('.', array_filter(
            [$this->feature->value, (string) $this->cylinder, $this->station?->value, $this->axis?->value],
            static fn (?string $part): bool => $part !== null,
        ));
    }

    /** As the inspector says it: “Cylinder 4, top, thrust”. */
    public function words(): string
    {
        return 'Cylinder '.$this->cylinder.', '.match ($this->feature) {
            Feature::Bore => $this->station?->value.', '.$this->axis?->label(),
            Feature::Ridge => $this->station?->value.' ridge',
            default => $this->feature->value,
        };
    }

    private function isWhole(): bool
    {
        return match ($this->feature) {
            Feature::Bore => $this->station !== null && $this->axis !== null,
            Feature::Ridge => in_array($this->station, [Station::Top, Station::Bottom], true) && $this->axis === null,
            default => $this->station === null && $this->axis === null,
        };
    }
}
