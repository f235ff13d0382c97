<?php

declare(strict_types=1);

namespace App\SpecBook;

use App\Drawings\Coordinate;
use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** The faces of a sheet's engine with the places that stand in its form, each set by a click or by keys. */
final readonly class PinnedFaces
{
    /**
     * @param  list<array{face: DrawnFace, pins: list<array{row: int, number: int, x: string, y: string, words: string}>}>  $withPlaces
     * @param  list<array{face: DrawnFace, pins: list<array{row: int, number: int, x: string, y: string, words: string}>}>  $others
     */
    private function __construct(public array $withPlaces, public array $others)
    {
    }

    /**
     * @param  array<mixed>  $document  As it stands in the form
     * @param  string  $list  “crack_prone”, “seats”: decks and heads, or “stamped”: decks only
     */
    public static function of(SpecificationSheet $sheet, array $document, string $list): self
    {
        $rows = is_array($document[$list] ?? null) ? array_values($document[$list]) : [];
        $shown = array_values(
            array_filter(
                $sheet->faces(),
                static fn (Face $face): bool => match ($list) {
                    'stamped' => $face->isDeck(),
                    'seats' => $face->isDeck()
                        ? $sheet->valveTrain->hasExhaustInTheBlock()
                        : $face->isHead() && ! $sheet->valveTrain->hasIntakeInTheBlock(),
                    default => true,
                },
            ),
        );
        $faces = array_map(static fn (Face $face): array => self::face($sheet, $face, $rows, $face === $shown[0]), $shown);

        return new self(
            array_values(array_filter($faces, static fn (array $face): bool => $face['pins'] !== [])),
            array_values(array_filter($faces, static fn (array $face): bool => $face['pins'] === [])),
        );
    }

    /**
     * @param  list<mixed>  $rows
     * @param  bool  $hasTheNew  Shows the rows of which nobody has said the face
     * @return array{face: DrawnFace, pins: list<array{row: int, number: int, x: string, y: string, words: string}>}
     */
    private static function face(SpecificationSheet $sheet, Face $face, array $rows, bool $hasTheNew): array
    {
        $drawn = FaceDrawing::of($sheet, $face);
        $pins = [];
        foreach ($rows as $index => $row) {
            if (is_array($row) && ($row['face'] ?? ($hasTheNew ? $face->value : null)) === $face->value) {
                $pins[] = [
                    'row' => $index,
                    'number' => $index + 1,
                    'x' => Coordinate::of((float) (is_numeric($row['x'] ?? null) ? $row['x'] : 0)),
                    'y' => Coordinate::of(((float) (is_numeric($row['y'] ?? null) ? $row['y'] : 0) * $drawn->height) / PronePlace::SIDE),
                    'words' => RowName::of($row),
                ];
            }
        }

        return ['face' => $drawn, 'pins' => $pins];
    }
}
