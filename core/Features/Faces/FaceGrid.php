<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Faces;

use NorthLedger\Core\Engine\Specification\FaceSpec;

/**
 * Where the heights of a face are read: along both edges at every bore and between them (rows a and c), between the bores
 * down the middle, which the bores leave (row b), and close beside each edge (rows d and e), so that a square of the
 * specified span holds four places. Walked to and fro, so that the hand never goes back empty.
 */
final readonly class FaceGrid
{
    private const ROWS = ['a' => 0.06, 'd' => 0.18, 'b' => 0.5, 'e' => 0.82, 'c' => 0.94];

    /** What flatness overall needs; the close rows say what a hollow between them is (DECK-1). */
    private const NEEDED = ['a', 'b', 'c'];

    private const EDGE = 0.03;

    private const SOME_LENGTH_NM = 450_000_000;

    private const SOME_WIDTH_NM = 150_000_000;

    /** Between two columns at most so many more, where the span is that small. */
    private const MOST_BETWEEN = 7;

    /** Two places this share of a span apart lie in one square. */
    private const INSIDE_A_SPAN = 0.95;

    /**
     * @param  array<string, array{int, int}>  $points  x along the crankshaft and y across it, in nanometres, by spot: “a1”; “a1x2” is the
     *                                                  second between a1 and a2
     * @param  list<string>  $columns  “1”, “1x1”, “2”, …
     */
    private function __construct(public array $points, public array $columns)
    {
    }

    /**
     * At every bore and between them; closer where the span is smaller than that, so that some square holds four places (DECK-1).
     *
     * @param  int  $bores  In this bank
     */
    public static function of(FaceSpec $face, int $bores): self
    {
        $columns = self::columns($face, 2 * $bores + 1);
        [$length, $width] = self::size($face);
        $points = [];
        foreach (self::rows($face) as $row => $across) {
            $inRow = [];
            foreach ($columns as $column => $along) {
                if ($row !== 'b' || (int) $column % 2 === 1 && ! str_contains((string) $column, 'x')) {
                    $inRow["{$row}{$column}"] = [(int) round($along * $length), (int) round($across * $width)];
                }
            }
            $points = [...$points, ...in_array($row, ['d', 'e'], true) ? array_reverse($inRow, true) : $inRow];
        }

        return new self($points, array_map(strval(...), array_keys($columns)));
    }

    /** @return array<string|int, float> Share of the length, by column */
    private static function columns(FaceSpec $face, int $count): array
    {
        $pitch = (1 - 2 * self::EDGE) / ($count - 1);
        $span = $face->localSpan === null ? null : ($face->localSpan->nanometres * self::INSIDE_A_SPAN) / self::size($face)[0];
        $between = $face->length === null || $span === null ? 0 : min(self::MOST_BETWEEN, max(0, (int) ceil($pitch / $span) - 1));
        $columns = [];
        for ($column = 1; $column <= $count; $column++) {
            $columns[(string) $column] = self::EDGE + $pitch * ($column - 1);
            for ($one = 1; $column < $count && $one <= $between; $one++) {
                $columns["{$column}x{$one}"] = self::EDGE + $pitch * ($column - 1 + $one / ($between + 1));
            }
        }

        return $columns;
    }

    /** @return array<string, float> Share of the width, by row; the close rows within a span of their edges */
    private static function rows(FaceSpec $face): array
    {
        $apart = self::ROWS['d'] - self::ROWS['a'];
        if ($face->width !== null && $face->localSpan !== null) {
            $apart = min($apart, ($face->localSpan->nanometres * self::INSIDE_A_SPAN) / $face->width->nanometres);
        }

        return array_replace(self::ROWS, ['d' => self::ROWS['a'] + $apart, 'e' => self::ROWS['c'] - $apart]);
    }

    /**
     * How large the face is. Flatness, cut and shims are the same whatever its size, so where nobody knows it any will do; only the squares
     * of a span need it as it is.
     *
     * @return array{int, int} Along and across, in nanometres
     */
    public static function size(FaceSpec $face): array
    {
        return [$face->length->nanometres ?? self::SOME_LENGTH_NM, $face->width->nanometres ?? self::SOME_WIDTH_NM];
    }

    /** True where flatness overall needs it; a spot of a close row is read for the squares alone. */
    public static function isNeeded(string $spot): bool
    {
        return in_array($spot[0], self::NEEDED, true) && ! str_contains($spot, 'x');
    }

    /** @return list<array{int, int}> The four supports of a face on the mill: its corners */
    public static function supports(FaceSpec $face): array
    {
        [$x, $y] = self::size($face);

        return [[0, 0], [$x, 0], [$x, $y], [0, $y]];
    }
}
