<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Words\Line;
use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Measurements;

/** One journal seen from the end, front and rear over each other, and from the side on both axes; wear exaggerated. */
final readonly class JournalView
{
    public const RADIUS = 42;

    public const DIAMETER = 84;

    /**
     * @param  list<array{station: string, rx: string, ry: string}>  $rounds
     * @param  list<array{axis: string, points: string}>  $sides
     */
    private function __construct(
        public string $view,
        public string $title,
        public array $rounds,
        public array $sides,
        public string $factor,
    ) {
    }

    public static function of(string $view, Place $journal, Measurements $measurements, Length $nominal, Worn $worn): self
    {
        $radius = static function (string $spot) use ($journal, $measurements, $nominal, $worn): ?float {
            $size = $measurements->length(Place::at($journal->feature, $journal->number, $spot));

            return $size === null ? null : self::RADIUS + $worn->units($size->minus($nominal));
        };
        $rounds = $sides = [];
        foreach (['front', 'rear'] as $station) {
            [$across, $down] = [$radius("{$station}.90"), $radius("{$station}.0")];
            if ($across !== null && $down !== null) {
                $rounds[] = ['station' => $station, 'rx' => Coordinate::of($across), 'ry' => Coordinate::of($down)];
            }
        }
        foreach (['0' => 'up_and_down', '90' => 'across'] as $axis => $words) {
            [$front, $rear] = [$radius("front.{$axis}"), $radius("rear.{$axis}")];
            if ($front !== null && $rear !== null) {
                $sides[] = ['axis' => Line::of("drawing.{$words}"), 'points' => self::outline($front, $rear)];
            }
        }

        return new self($view, PlaceName::of($journal), $rounds, $sides, $worn->factor($nominal->half(), self::RADIUS));
    }

    /** Upper and lower edge from front to rear, as one closed line. */
    private static function outline(float $front, float $rear): string
    {
        return implode(' ', [
            '-26,'.Coordinate::of(-$front),
            '26,'.Coordinate::of(-$rear),
            '26,'.Coordinate::of($rear),
            '-26,'.Coordinate::of($front),
        ]);
    }
}
