<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Words\PlaceName;
use NorthLedger\Core\Engine\Places\Place;
use NorthLedger\Core\Inspection\Section;
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
     * @param  list<array{station: string, rx: string, ry: string}>  $trueRounds  None where nobody may know
     * @param  list<array{axis: string, points: string}>  $trueSides
     */
    private function __construct(
        public string $view,
        public string $title,
        public array $rounds,
        public array $sides,
        public array $trueRounds,
        public array $trueSides,
        public string $factor,
    ) {
    }

    public static function of(string $view, Place $journal, Measurements $measurements, Length $nominal, Worn $worn, Truth $truth): self
    {
        $spot = static fn (string $spot): Place => Place::at($journal->feature, $journal->number, $spot);
        $drawn = static fn (?Length $size): ?float => $size === null ? null : self::RADIUS + $worn->units($size->minus($nominal));
        $read = static fn (string $at): ?float => $drawn($measurements->length($spot($at)));
        $true = static fn (string $at): ?float => $drawn($truth->at(Section::Crankshaft, $spot($at)));

        return new self(
            $view,
            PlaceName::of($journal),
            self::rounds($read),
            self::sides($read),
            self::rounds($true),
            self::sides($true),
            $worn->factor($nominal->half(), self::RADIUS),
        );
    }

    /**
     * @param  callable(string): ?float  $radius
     * @return list<array{station: string, rx: string, ry: string}>
     */
    private static function rounds(callable $radius): array
    {
        $rounds = [];
        foreach (['front', 'rear'] as $station) {
            [$across, $down] = [$radius("{$station}.90"), $radius("{$station}.0")];
            if ($across !== null && $down !== null) {
                $rounds[] = ['station' => $station, 'rx' => Coordinate::of($across), 'ry' => Coordinate::of($down)];
            }
        }

        return $rounds;
    }

    /**
     * @param  callable(string): ?float  $radius
     * @return list<array{axis: string, points: string}>
     */
    private static function sides(callable $radius): array
    {
        $sides = [];
        foreach (['0', '90'] as $axis) {
            [$front, $rear] = [$radius("front.{$axis}"), $radius("rear.{$axis}")];
            if ($front !== null && $rear !== null) {
                $sides[] = ['axis' => $axis, 'points' => self::outline($front, $rear)];
            }
        }

        return $sides;
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
