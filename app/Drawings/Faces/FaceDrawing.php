<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** Draws a face of an engine from its family's specification. */
final readonly class FaceDrawing
{
    /** Where the row of cylinders begins and how long it is. */
    private const ROW_BEGIN = 50.0;

    private const ROW_LENGTH = 900.0;

    /** Where the first main lies, and how far the last one is behind it. */
    private const MAINS_BEGIN = 40.0;

    private const MAINS_LENGTH = 920.0;

    public static function of(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        return match ($face) {
            Face::Deck, Face::LeftDeck, Face::RightDeck => DeckFaces::deck($sheet, $face),
            Face::Head, Face::LeftHead, Face::RightHead => DeckFaces::head($sheet, $face),
            Face::ValveChest => BlockFaces::valveChest($sheet),
            Face::Left, Face::Right => BlockFaces::side($sheet, $face),
            Face::Front, Face::Rear => BlockFaces::end($sheet, $face),
            Face::PanRail => BlockFaces::panRail($sheet),
            Face::MainWebs => BlockFaces::mainWebs($sheet),
            Face::LeftCase, Face::RightCase => CaseFaces::half($sheet, $face),
            Face::Cylinders => CaseFaces::cylinders($sheet),
            Face::Crankshaft => RunningFaces::crankshaft($sheet),
            Face::Rods => RunningFaces::rods($sheet),
        };
    }

    /** The middle of one of so many cylinders in a row. */
    public static function inRow(int $index, int $count): float
    {
        return self::ROW_BEGIN + (self::ROW_LENGTH * ($index + 0.5)) / $count;
    }

    /** The line between two of so many cylinders; the first and the last lie before and behind the row. */
    public static function betweenRow(int $index, int $count): float
    {
        return self::ROW_BEGIN + (self::ROW_LENGTH * $index) / $count;
    }

    public static function pitch(int $count): float
    {
        return self::ROW_LENGTH / $count;
    }

    public static function main(int $index, int $count): float
    {
        return self::MAINS_BEGIN + (self::MAINS_LENGTH * $index) / ($count - 1);
    }
}
