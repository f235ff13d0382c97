<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Geometry\Height;

/**
 * A face between the points that were read: straight from point to point along each row of them, and straight from row to
 * row. Every height that was read stands where it was read, and nothing higher or lower is drawn. For drawing only.
 */
final readonly class FaceSurface
{
    public const COLUMNS = 20;

    public const ROWS = 6;

    private const MOST_LEVELS = 12;

    private float $depth;

    /** @var list<list<float>> Depth below the highest point at the corners of a grid, row by row */
    private array $grid;

    /** @param  non-empty-list<Height>  $heights */
    public function __construct(array $heights, private int $length, private int $width)
    {
        $all = array_column($heights, 'z');
        $highest = max($all);
        $this->depth = (float) ($highest - min($all));
        $rows = [];
        foreach ($heights as $height) {
            $rows[$height->y][$height->x] = (float) ($highest - $height->z);
        }
        ksort($rows);
        $columns = array_map(static fn (int $column): float => ($column * $length) / self::COLUMNS, range(0, self::COLUMNS));
        $across = array_map(static fn (int $row): float => ($row * $width) / self::ROWS, range(0, self::ROWS));
        $profiles = array_map(static fn (array $row): array => self::along($row, $columns), $rows);
        $sections = array_map(
            static fn (int $column): array => self::along(array_combine(array_keys($profiles), array_column($profiles, $column)), $across),
            range(0, self::COLUMNS),
        );
        $this->grid = array_map(static fn (int $row): array => array_column($sections, $row), range(0, self::ROWS));
    }

    /** How deep a cell of the grid lies below the highest point: 0 at the top, 1 at the lowest place. */
    public function shareOfDepth(int $column, int $row): float
    {
        $depth =
            ($this->grid[$row][$column] +
                $this->grid[$row][$column + 1] +
                $this->grid[$row + 1][$column] +
                $this->grid[$row + 1][$column + 1]) /
            4;

        return $this->depth === 0.0 ? 0.0 : $depth / $this->depth;
    }

    /**
     * Lines of equal height below the top.
     *
     * @param  int  $interval  In nanometres
     * @return list<string> One path for each level
     */
    public function contours(int $interval, float $scale): array
    {
        $paths = array_fill(1, max(1, min(self::MOST_LEVELS, (int) floor($this->depth / $interval))), '');
        for ($row = 0; $row < self::ROWS; $row++) {
            [$above, $below] = [$this->grid[$row], $this->grid[$row + 1]];
            for ($column = 0; $column < self::COLUMNS; $column++) {
                [$a, $b, $c, $d] = [$above[$column], $above[$column + 1], $below[$column + 1], $below[$column]];
                $deepest = min(count($paths), (int) floor(max($a, $b, $c, $d) / $interval));
                for ($level = max(1, (int) ceil(min($a, $b, $c, $d) / $interval)); $level <= $deepest; $level++) {
                    $paths[$level] .= $this->piece(
                        [[$column, $row, $a], [$column + 1, $row, $b], [$column + 1, $row + 1, $c], [$column, $row + 1, $d]],
                        $level * $interval,
                        $scale,
                    );
                }
            }
        }

        return array_values(array_filter($paths, static fn (string $path): bool => $path !== ''));
    }

    /**
     * Straight from point to point; before the first and after the last as high as they are.
     *
     * @param  non-empty-array<int, float>  $points  Depth by place
     * @param  list<float>  $places  Ascending
     * @return list<float> The depth at each place
     */
    private static function along(array $points, array $places): array
    {
        ksort($points);
        $at = array_keys($points);
        $depths = array_values($points);
        $last = count($at) - 1;
        $from = 0;
        $along = [];
        foreach ($places as $place) {
            while ($from < $last && $at[$from + 1] < $place) {
                $from++;
            }
            $to = min($from + 1, $last);
            $share = $to === $from ? 0.0 : max(0.0, min(1.0, ($place - $at[$from]) / ($at[$to] - $at[$from])));
            $along[] = $depths[$from] + $share * ($depths[$to] - $depths[$from]);
        }

        return $along;
    }

    /**
     * Marching squares: a cell that a line crosses gives its piece of that line.
     *
     * @param  list<array{int, int, float}>  $corners  Column, row and depth, around one cell
     */
    private function piece(array $corners, float $level, float $scale): string
    {
        $crossings = [];
        foreach ($corners as $index => [$x, $y, $here]) {
            [$nextX, $nextY, $there] = $corners[($index + 1) % 4];
            if ($here < $level !== $there < $level) {
                $share = ($level - $here) / ($there - $here);
                $crossings[] =
                    Coordinate::of((($x + $share * ($nextX - $x)) / self::COLUMNS) * $this->length * $scale).
                    ' '.
                    Coordinate::of((($y + $share * ($nextY - $y)) / self::ROWS) * $this->width * $scale);
            }
        }
        $piece = '';
        for ($pair = 0; $pair + 1 < count($crossings); $pair += 2) {
            $piece .= "M{$crossings[$pair]}L{$crossings[$pair + 1]}";
        }

        return $piece;
    }
}
