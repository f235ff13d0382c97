<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Places;

use NorthLedger\Core\Gauging\GaugingException;

/**
 * A place that is read or looked at. Its key is stable and is what is stored: of the bores `bore.3.top.thrust`, `piston.3`,
 * `ridge.3.top`, `scoring.3`, `trace.3.top.45`, `wall.3.90`; elsewhere the feature, a number and the spot there, like
 * `main.3.front.90`, `mainscore.3`, `deck.1.b4`, `guide.2.in`.
 */
final readonly class Place
{
    private const SPOT = '/^[a-z0-9-]+(?:\.[a-z0-9-]+)?$/D';

    public string $key;

    /**
     * @param  int  $number  Of the cylinder, journal, housing, rod, face or set
     * @param  string  $spot  Where on it, beside the bores: “front.90”; empty where there is one place only
     */
    private function __construct(
        public Feature $feature,
        public int $number,
        public ?Station $station,
        public ?Axis $axis,
        public ?int $degrees = null,
        public string $spot = '',
    ) {
        $key = "{$feature->code()}.{$number}";
        foreach ([$station?->value, $axis?->value, $degrees, $spot === '' ? null : $spot] as $part) {
            $key .= $part === null ? '' : ".{$part}";
        }
        $this->key = $key;
    }

    /** A diameter of a bore. */
    public static function diameter(Feature $feature, int $number, Station $station, Axis $axis): self
    {
        return new self($feature, $number, $station, $axis);
    }

    /** An end of what moves in a bore, or a direction there, or both. */
    public static function toward(Feature $feature, int $number, ?Station $station, ?int $degrees): self
    {
        return new self($feature, $number, $station, null, $degrees);
    }

    /** A place of a part beside the bores: “front.90” of main 3. Which spots there are is the inspection plan's to say. */
    public static function at(Feature $feature, int $number, string $spot = ''): self
    {
        /** @var array<string, self> $known The same place is asked for over and over */
        static $known = [];

        return $known["{$feature->code()}.{$number}.{$spot}"] ??= new self($feature, $number, null, null, spot: $spot);
    }

    /** @throws GaugingException If the key names no place */
    public static function parse(string $key): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[$key] ??= self::parsed($key);
    }

    /** @throws GaugingException If the key names no place */
    private static function parsed(string $key): self
    {
        $parts = explode('.', $key);
        $feature = FeatureCodes::find($parts[0]) ?? throw GaugingException::noPlace($key);
        $shape = $feature->shape();
        if ($shape === PlaceShape::Spot) {
            return self::ofPart($feature, $key);
        }
        if (preg_match('/^[1-9]\d?$/D', $parts[1] ?? '') !== 1) {
            throw GaugingException::noPlace($key);
        }
        $third = $parts[2] ?? '';
        $fourth = $parts[3] ?? '';
        $place = match ($shape) {
            PlaceShape::Trace => new self($feature, (int) $parts[1], Station::tryFrom($third), null, self::direction($fourth)),
            PlaceShape::Direction => new self($feature, (int) $parts[1], null, null, self::direction($third)),
            default => new self($feature, (int) $parts[1], Station::tryFrom($third), Axis::tryFrom($fourth)),
        };

        return $place->isWhole($shape) && $place->key === $key ? $place : throw GaugingException::noPlace($key);
    }

    /** True for the same place, on whatever cylinder, journal, housing or rod. */
    public function isLike(self $other): bool
    {
        return $this->feature === $other->feature &&
            $this->station === $other->station &&
            $this->axis === $other->axis &&
            $this->degrees === $other->degrees &&
            $this->spot === $other->spot;
    }

    private static function ofPart(Feature $feature, string $key): self
    {
        [, $number, $spot] = [...explode('.', $key, 3), '', ''];
        $isPlace =
            preg_match('/^[1-9]\d?$/D', $number) === 1 &&
            ($spot === '' || preg_match(self::SPOT, $spot) === 1) &&
            ! str_ends_with($key, '.');

        return $isPlace ? self::at($feature, (int) $number, $spot) : throw GaugingException::noPlace($key);
    }

    private static function direction(string $text): ?int
    {
        return preg_match('/^(?:0|[1-9]\d{0,2})$/D', $text) === 1 && (int) $text < 360 ? (int) $text : null;
    }

    private function isWhole(PlaceShape $shape): bool
    {
        return match ($shape) {
            PlaceShape::Diameter => $this->station !== null && $this->axis !== null,
            PlaceShape::End => in_array($this->station, [Station::Top, Station::Bottom], true) && $this->axis === null,
            PlaceShape::Trace => in_array($this->station, Station::JUDGED, true) && $this->degrees !== null,
            PlaceShape::Direction => $this->degrees !== null,
            PlaceShape::Whole, PlaceShape::Spot => $this->station === null && $this->axis === null,
        };
    }
}
