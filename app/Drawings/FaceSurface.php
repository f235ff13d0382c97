<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Geometry\Height;

/** A face between the points that were read: every height weighed by the inverse square of its distance. For drawing only. */
final class FaceSurface
{
    private const COLUMNS = 48;

    private const ROWS = 20;

    private readonly float $lowest;

    private readonly float $highest;

    /** @param  non-empty-list<Height>  $heights */
    public function __construct(private readonly array $heights, private readonly int $length, private readonly int $width)
    {
        $all = array_column($heights, 'z');
        [$this->lowest, $this->highest] = [(float) min($all), (float) max($all)];
    }

    /** How deep it lies below the highest point at a share of length and width: 0 at the top, 1 at the lowest place. */
    public function shareOfDepth(float $along, float $across): float
    {
        return $this->highest === $this->lowest ? 0.0 : ($this->highest - $this->at($along, $across)) / ($this->highest - $this->lowest);
    }

    /**
     * Lines of equal height below the top.
     *
     * @param  int  $interval  In nanometres
     * @return list<string> One path for each level
     */
    public function contours(int $interval, float $scale): array
    {
        $grid = [];
        for ($row = 0; $row <= self::ROWS; $row++) {
            for ($column = 0; $column <= self::COLUMNS; $column++) {
                $grid[$row][$column] = $this->highest - $this->at($column / self::COLUMNS, $row / self::ROWS);
            }
        }
        $levels = (int) floor(($this->highest - $this->lowest) / $interval);
        $paths = [];
        for ($level = 1; $level <= min(12, $levels); $level++) {
            $path = $this->contour($grid, $level * $interval, $scale);
            if ($path !== '') {
                $paths[] = $path;
            }
        }

        return $paths;
    }

    private function at(float $along, float $across): float
    {
        [$x, $y] = [$along * $this->length, $across * $this->width];
        $sum = $weights = 0.0;
        foreach ($this->heights as $height) {
            $distance = ($height->x - $x) ** 2 + ($height->y - $y) ** 2;
            if ($distance < 1.0) {
                return (float) $height->z;
            }
            $weight = 1 / $distance ** 2;
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
