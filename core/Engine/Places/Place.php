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
    private const OF_THE_BORES = [
        Feature::Bore, Feature::Piston, Feature::Ridge, Feature::Scoring, Feature::Pitting, Feature::Crack,
        Feature::Trace, Feature::Wall, Feature::PitDepth, Feature::PistonWeight,
    ];

    private const SPOTS = ['in' => 'intake', 'ex' => 'exhaust', 'in1' => 'intake 1', 'in2' => 'intake 2', 'ex1' => 'exhaust 1', 'ex2' => 'exhaust 2'];

    private const SPOT = '/^[a-z0-9-]+(?:\.[a-z0-9-]+)?$/D';

    /** Made once: it is asked for at every step. */
    private string $key;

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
        $key = "{$feature->value}.{$number}";
        foreach ([$station?->value, $axis?->value, $degrees, $spot === '' ? null : $spot] as $part) {
            $key .= $part === null ? '' : ".{$part}";
        }
        $this->key = $key;
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

    /** A place of a part beside the bores: “front.90” of main 3. Which spots there are is the inspection plan's to say. */
    public static function at(Feature $feature, int $number, string $spot = ''): self
    {
        /** @var array<string, self> $known The same place is asked for over and over */
        static $known = [];

        return $known["{$feature->value}.{$number}.{$spot}"] ??= new self($feature, $number, null, null, spot: $spot);
    }

    /** @throws GaugingException If the key names no place */
    public static function parse(string $key): self
    {
        $parts = explode('.', $key);
        $feature = Feature::tryFrom($parts[0]);
        if ($feature !== null && ! in_array($feature, self::OF_THE_BORES, true)) {
            return self::ofPart($feature, $key);
        }
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
        return $this->key;
    }

    /** As the inspector says it: “Cylinder 4, top, thrust”. */
    public function words(): string
    {
        return in_array($this->feature, self::OF_THE_BORES, true) ? $this->wordsOfBore() : $this->wordsOfPart();
    }

    private function wordsOfBore(): string
    {
        return 'Cylinder '.$this->number.', '.match ($this->feature) {
            Feature::Bore => $this->station?->value.', '.$this->axis?->label(),
            Feature::Ridge => $this->station?->value.' ridge',
            Feature::Trace => "{$this->station?->value}, {$this->degrees}°",
            Feature::Wall => "wall at {$this->degrees}°",
            Feature::PitDepth => 'deepest pit or score',
            Feature::PistonWeight => 'weight of the piston',
            default => $this->feature->value,
        };
    }

    /** “Main 3, front, 90°”, “Cylinder 2, exhaust, guide bore” */
    private function wordsOfPart(): string
    {
        $spot = array_map(
            static fn (string $part): string => self::SPOTS[$part] ?? (ctype_digit($part) ? "{$part}°" : str_replace('-', ' ', $part)),
            $this->spot === '' ? [] : explode('.', $this->spot),
        );

        return implode(', ', array_filter([$this->feature->label() === 'Crankshaft' ? $this->feature->label() : "{$this->feature->label()} {$this->number}", $this->feature->aspect(), ...$spot], static fn (string $part): bool => $part !== ''));
    }

    private static function ofPart(Feature $feature, string $key): self
    {
        [, $number, $spot] = [...explode('.', $key, 3), '', ''];
        $isPlace = preg_match('/^[1-9]\d?$/D', $number) === 1 && ($spot === '' || preg_match(self::SPOT, $spot) === 1) && ! str_ends_with($key, '.');

        return $isPlace ? self::at($feature, (int) $number, $spot) : throw GaugingException::noPlace($key);
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
