<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Words\Line;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** The wall of a bore unrolled: pencil shading for wear, top above bottom, from the thrust side all the way round. */
final readonly class WallMap
{
    public const WIDTH = 400;

    public const HEIGHT = 208;

    private const LEFT = 56;

    private const TOP = 26;

    private const COLUMNS = 24;

    private const ROWS = 9;

    /** The map begins before the thrust side, so that this stands whole in it. */
    private const BEGINS_AT = -15;

    private const LEVELS = 8;

    private const DARKEST = 0.62;

    /**
     * @param  list<array{x: string, y: string, width: string, height: string, shade: string}>  $cells
     * @param  list<array{x: string, y: string, text: string, isDark: bool}>  $numbers
     * @param  list<array{x: string, text: string}>  $directions
     * @param  list<array{y: string, text: string}>  $stations
     */
    private function __construct(
        public array $cells,
        public array $numbers,
        public array $directions,
        public array $stations,
        public string $caption,
    ) {
    }

    public static function of(WornWall $wall, LengthDisplay $display): self
    {
        $directions = array_map(
            static fn (int $degrees): array => [
                'x' => Coordinate::of(self::x($degrees)),
                'text' => $degrees === 0 ? '0° thrust' : "{$degrees}°",
            ],
            [0, 90, 180, 270],
        );
        $stations = array_map(
            static fn (Station $station): array => ['y' => Coordinate::of(self::y($station)), 'text' => $station->value],
            Station::JUDGED,
        );

        return new self(
            $wall->isKnown() ? self::shading($wall) : [],
            self::numbers($wall, $display),
            $directions,
            $stations,
            $wall->isKnown()
                ? Line::of($wall->isTraced ? 'drawing.traced' : 'drawing.half_of_each', ['unit' => $display->deviationUnit()])
                : Line::of('drawing.nothing_read'),
        );
    }

    /** @return list<array{x: string, y: string, width: string, height: string, shade: string}> Equal neighbours of a row are one */
    private static function shading(WornWall $wall): array
    {
        $largest = max(1.0, $wall->largest());
        $high = (self::HEIGHT - self::TOP) / self::ROWS;
        $cells = [];
        for ($row = 0; $row < self::ROWS; $row++) {
            $levels = [];
            for ($column = 0; $column < self::COLUMNS; $column++) {
                $value = $wall->atDepth($row / (self::ROWS - 1), fmod(self::BEGINS_AT + 360 + (360 * $column) / self::COLUMNS, 360));
                $levels[] = (int) round((self::LEVELS * max(0.0, $value ?? 0.0)) / $largest);
            }
            $from = 0;
            for ($column = 1; $column <= self::COLUMNS; $column++) {
                if (($levels[$column] ?? -1) !== $levels[$from]) {
                    $cells[] = self::cell($from, $column, $row, $high, $levels[$from]);
                    $from = $column;
                }
            }
        }

        return $cells;
    }

    /** @return array{x: string, y: string, width: string, height: string, shade: string} */
    private static function cell(int $from, int $to, int $row, float $high, int $level): array
    {
        $wide = (self::WIDTH - self::LEFT) / self::COLUMNS;

        return [
            'x' => Coordinate::of(self::LEFT + $from * $wide),
            'y' => Coordinate::of(self::TOP + $row * $high),
            'width' => Coordinate::of(($to - $from) * $wide),
            'height' => Coordinate::of($high),
            'shade' => number_format((self::DARKEST * $level) / self::LEVELS, 2, '.', ''),
        ];
    }

    /** @return list<array{x: string, y: string, text: string, isDark: bool}> */
    private static function numbers(WornWall $wall, LengthDisplay $display): array
    {
        $numbers = [];
        foreach (Station::JUDGED as $station) {
            foreach ($wall->known[$station->value] ?? [] as $degrees => $value) {
                $numbers[] = [
                    'x' => Coordinate::of(self::x($degrees)),
                    'y' => Coordinate::of(self::y($station) + 4),
                    'text' => ltrim($display->deviation(Length::ofNanometres((int) round($value))), '+'),
                    'isDark' => $value > 0.7 * $wall->largest(),
                ];
            }
        }

        return $numbers;
    }

    private static function x(int $degrees): float
    {
        $wide = (self::WIDTH - self::LEFT) / self::COLUMNS;

        return self::LEFT + ((($degrees - self::BEGINS_AT) % 360) / 360) * (self::WIDTH - self::LEFT) + $wide / 2;
    }

    private static function y(Station $station): float
    {
        $high = (self::HEIGHT - self::TOP) / self::ROWS;

        return self::TOP + $high / 2 + ((array_search($station, Station::JUDGED, true) * (self::ROWS - 1)) / 2) * $high;
    }
}
