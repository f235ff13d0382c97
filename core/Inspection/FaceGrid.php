<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Spec\FaceSpec;

/**
 * Where the heights of a face are read: along both edges at every bore and between them, and between the bores down the
 * middle, which the bores leave. Rows a, b, c from the intake side; walked to and fro, so that the hand never goes back empty.
 */
final readonly class FaceGrid
{
    private const ROWS = ['a' => 0.06, 'b' => 0.5, 'c' => 0.94];

    private const EDGE = 0.03;

    /** @param  array<string, array{int, int}>  $points  x along the crankshaft and y across it, in nanometres, by spot: “a1” */
    private function __construct(public array $points)
    {
    }

    /** @param  int  $bores  In this bank */
    public static function of(FaceSpec $face, int $bores): self
    {
        $columns = 2 * $bores + 1;
        $points = [];
        foreach (self::ROWS as $row => $across) {
            $inRow = [];
            for ($column = 1; $column <= $columns; $column++) {
                if ($row !== 'b' || $column % 2 === 1) {
                    $along = self::EDGE + (1 - 2 * self::EDGE) * ($column - 1) / ($columns - 1);
                    $inRow["{$row}{$column}"] = [(int) round($along * $face->length->nanometres), (int) round($across * $face->width->nanometres)];
                }
            }
            $points = [...$points, ...($row === 'b' ? array_reverse($inRow, true) : $inRow)];
        }

        return new self($points);
    }

    /** @return list<array{int, int}> The four supports of a face on the mill: its corners */
    public static function supports(FaceSpec $face): array
    {
        $x = $face->length->nanometres;
        $y = $face->width->nanometres;

        return [[0, 0], [$x, 0], [$x, $y], [0, $y]];
    }
}
