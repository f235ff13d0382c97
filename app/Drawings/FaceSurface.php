<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Geometry\Height;

/** A face between the points that were read: every height weighed by the inverse square of its distance. For drawing only. */
final class FaceSurface
{
    public const COLUMNS = 30;

    public const ROWS = 12;

    private readonly float $lowest;

    private readonly float $highest;

    /** @var array<int, array<int, float>> Depth below the highest point at the corners of a grid */
    private readonly array $grid;

    /** @param  non-empty-list<Height>  $heights */
    public function __construct(array $heights, private readonly int $length, private readonly int $width)
    {
        $all = array_column($heights, 'z');
        [$this->lowest, $this->highest] = [(float) min($all), (float) max($all)];
        $grid = [];
        for ($row = 0; $row <= self::ROWS; $row++) {
            for ($column = 0; $column <= self::COLUMNS; $column++) {
                $grid[$row][$column] = $this->highest - self::at($heights, $column * $length / self::COLUMNS, $row * $width / self::ROWS);
            }
        }
        $this->grid = $grid;
    }

    /** How deep a cell of the grid lies below the highest point: 0 at the top, 1 at the lowest place. */
    public function shareOfDepth(int $column, int $row): float
    {
        $depth = ($this->grid[$row][$column] + $this->grid[$row][$column + 1] + $this->grid[$row + 1][$column] + $this->grid[$row + 1][$column + 1]) / 4;

        return $this->highest === $this->lowest ? 0.0 : $depth / ($this->highest - $this->lowest);
    }

    /**
     * Lines of equal height below the top.
     *
     * @param  int  $interval  In nanometres
     * @return list<string> One path for each level
     */
    public function contours(int $interval, float $scale): array
    {
        $levels = (int) floor(($this->highest - $this->lowest) / $interval);
        $paths = [];
        for ($level = 1; $level <= min(12, $levels); $level++) {
            $path = $this->contour($this->grid, $level * $interval, $scale);
            if ($path !== '') {
                $paths[] = $path;
            }
        }

        return $paths;
    }

    /** @param  non-empty-list<Height>  $heights */
    private static function at(array $heights, float $x, float $y): float
    {
        $sum = $weights = 0.0;
        foreach ($heights as $height) {
            [$alongX, $alongY] = [$height->x - $x, $height->y - $y];
            $distance = $alongX * $alongX + $alongY * $alongY;
            if ($distance < 1.0) {
                return (float) $height->z;
            }
            $weight = 1 / ($distance * $distance);
            $sum += $weight * $height->z;
            $weights += $weight;
        }

        return $sum / $weights;
    }

    /**
     * Marching squares: each cell of the grid gives the piece of the line that crosses it.
     *
     * @param  array<int, array<int, float>>  $grid
     */
    private function contour(array $grid, float $level, float $scale): string
    {
        $path = '';
        for ($row = 0; $row < self::ROWS; $row++) {
            for ($column = 0; $column < self::COLUMNS; $column++) {
                $corners = [[$column, $row], [$column + 1, $row], [$column + 1, $row + 1], [$column, $row + 1]];
                $crossings = [];
                foreach ($corners as $index => [$x, $y]) {
                    [$nextX, $nextY] = $corners[($index + 1) % 4];
                    [$here, $there] = [$grid[$y][$x], $grid[$nextY][$nextX]];
                    if (($here < $level) !== ($there < $level)) {
                        $share = ($level - $here) / ($there - $here);
                        $crossings[] = $this->point($x + $share * ($nextX - $x), $y + $share * ($nextY - $y), $scale);
                    }
                }
                for ($pair = 0; $pair + 1 < count($crossings); $pair += 2) {
                    $path .= "M{$crossings[$pair]}L{$crossings[$pair + 1]}";
                }
            }
        }

        return $path;
    }

    private function point(float $column, float $row, float $scale): string
    {
        return Coordinate::of($column / self::COLUMNS * $this->length * $scale).' '.Coordinate::of($row / self::ROWS * $this->width * $scale);
    }
}
