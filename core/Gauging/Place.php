<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/**
 * A place of the bore sheet that is read or looked at. Its key is stable and is what is stored:
 * `bore.3.top.thrust`, `piston.3`, `ridge.3.top`, `scoring.3`, `trace.3.top.45`, `wall.3.90`.
 */
final readonly class Place
{
    private function __construct(
        public Feature $feature,
        public int $cylinder,
        public ?Station $station,
        public ?Axis $axis,
        public ?int $degrees = null,
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

    /** Where a wall is followed from the original axis (BORE-8). */
    public static function trace(int $cylinder, Station $station, int $degrees): self
    {
        return new self(Feature::Trace, $cylinder, $station, null, $degrees);
    }

    /** Where the thickness of a wall is measured (BORE-9). */
    public static function wall(int $cylinder, int $degrees): self
    {
        return new self(Feature::Wall, $cylinder, null, null, $degrees);
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
            $feature === Feature::Trace ? null : Axis::tryFrom($parts[3] ?? ''),
            self::direction($feature === Feature::Trace ? $parts[3] ?? '' : ($feature === Feature::Wall ? $parts[2] ?? '' : '')),
        );

        return $place !== null && $place->isWhole() && $place->key() === $key ? $place : throw GaugingException::noPlace($key);
    }

    public function key(): string
    {
        return implode('.', array_filter(
            [$this->feature->value, (string) $this->cylinder, $this->station?->value, $this->axis?->value, $this->degrees === null ? null : (string) $this->degrees],
            static fn (?string $part): bool => $part !== null,
        ));
    }

    /** As the inspector says it: “Cylinder 4, top, thrust”. */
    public function words(): string
    {
        return 'Cylinder '.$this->cylinder.', '.match ($this->feature) {
            Feature::Bore => $this->station?->value.', '.$this->axis?->label(),
            Feature::Ridge => $this->station?->value.' ridge',
            Feature::Trace => "{$this->station?->value}, {$this->degrees}°",
            Feature::Wall => "wall at {$this->degrees}°",
            Feature::PitDepth => 'deepest pit or score',
            Feature::PistonWeight => 'weight of the piston',
            default => $this->feature->value,
        };
    }

    private static function direction(string $text): ?int
    {
        return preg_match('/^(?:0|[1-9]\d{0,2})$/D', $text) === 1 && (int) $text < 360 ? (int) $text : null;
    }

    private function isWhole(): bool
    {
        return match ($this->feature) {
            Feature::Bore => $this->station !== null && $this->axis !== null,
            Feature::Ridge => in_array($this->station, [Station::Top, Station::Bottom], true) && $this->axis === null,
            Feature::Trace => in_array($this->station, Station::JUDGED, true) && $this->axis === null && $this->degrees !== null,
            Feature::Wall => $this->degrees !== null && $this->station === null && $this->axis === null,
            default => $this->station === null && $this->axis === null,
        };
    }
}
