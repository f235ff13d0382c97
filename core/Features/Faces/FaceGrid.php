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

    /** @param  array<string, array{int, int}>  $points  x along the crankshaft and y across it, in nanometres, by spot: “a1” */
    private function __construct(public array $points)
    {
    }

    /** @param  int  $bores  In this bank */
    public static function of(FaceSpec $face, int $bores): self
    {
        $columns = 2 * $bores + 1;
        [$length, $width] = self::size($face);
        $points = [];
        foreach (self::ROWS as $row => $across) {
            $inRow = [];
            for ($column = 1; $column <= $columns; $column++) {
                if ($row !== 'b' || $column % 2 === 1) {
                    $along = self::EDGE + ((1 - 2 * self::EDGE) * ($column - 1)) / ($columns - 1);
                    $inRow["{$row}{$column}"] = [
                        (int) round($along * $length),
                        (int) round($across * $width),
                    ];
                }
            }
            $points = [...$points, ...in_array($row, ['d', 'e'], true) ? array_reverse($inRow, true) : $inRow];
        }

        return new self($points);
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
        return in_array($spot[0], self::NEEDED, true);
    }

    /** @return list<array{int, int}> The four supports of a face on the mill: its corners */
    public static function supports(FaceSpec $face): array
    {
        [$x, $y] = self::size($face);

        return [[0, 0], [$x, 0], [$x, $y], [0, $y]];
    }
}
