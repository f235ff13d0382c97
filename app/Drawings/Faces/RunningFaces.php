<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** The crankshaft in elevation, and the rods laid out in a row. */
final readonly class RunningFaces
{
    private const FILLET = 7.0;

    public static function crankshaft(SpecificationSheet $sheet): DrawnFace
    {
        $height = 340;
        $axis = $height / 2;
        $layout = CrankLayout::of($sheet->crankshaft);
        $pieces = [
            FacePiece::rect(14, $axis - 26, 66, $axis + 26, 'face-metal', 4)->in(CrackZone::CrankshaftJournal),
            FacePiece::rect(934, $axis - 62, 962, $axis + 62, 'face-metal', 3)->in(CrackZone::CrankshaftJournal),
            FacePiece::rect(962, $axis - 34, 984, $axis + 34, 'face-metal', 3)->in(CrackZone::CrankshaftJournal),
        ];
        foreach ($layout->webs as [$left, $right]) {
            $pieces[] = FacePiece::rect($left, $axis - 128, $right, $axis + 128, 'face-part', 8)->in(CrackZone::CrankshaftFillet);
        }
        foreach ($layout->mains as $index => [$left, $right]) {
            $pieces = [...$pieces, ...self::journal($left, $right, $axis, 44, (string) ($index + 1))];
        }
        foreach ($layout->rods as $index => [$left, $right]) {
            $up = in_array($index % 4, [0, 3], true);
            $pieces = [...$pieces, ...self::journal($left, $right, $axis + ($up ? -74 : 74), 36, chr(ord('a') + $index))];
        }

        return new DrawnFace(Face::Crankshaft, $height, $pieces);
    }

    public static function rods(SpecificationSheet $sheet): DrawnFace
    {
        $height = 360;
        $cylinders = $sheet->layout->cylinders();
        $count = count($cylinders);
        $big = min(58.0, 0.4 * FaceDrawing::pitch($count));
        $pieces = [];
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $pieces[] = FacePiece::path(
                sprintf('M%.1f 72L%.1f 260H%.1fL%.1f 72Z', $x - 0.24 * $big, $x - 0.42 * $big, $x + 0.42 * $big, $x + 0.24 * $big),
                'face-metal',
            )->in(CrackZone::Rod);
            $pieces[] = FacePiece::circle($x, 62, 0.56 * $big, 'face-metal')->in(CrackZone::Rod);
            $pieces[] = FacePiece::circle($x, 62, 0.32 * $big, 'face-hole')->in(CrackZone::Rod);
            $pieces[] = FacePiece::circle($x, 278, $big, 'face-metal')->in(CrackZone::Rod);
            $pieces[] = FacePiece::circle($x, 278, 0.68 * $big, 'face-hole')->in(CrackZone::Rod);
            $pieces[] = FacePiece::path(
                sprintf('M%.1f 278H%.1fM%.1f 278H%.1f', $x - $big, $x - 0.68 * $big, $x + 0.68 * $big, $x + $big),
                'face-detail',
            )->in(CrackZone::Rod);
            $pieces[] = FacePiece::label($x, 288, (string) $cylinder);
        }

        return new DrawnFace(Face::Rods, $height, $pieces);
    }

    /** @return list<FacePiece> With a fillet at each end and the oil hole in its middle */
    private static function journal(float $left, float $right, float $y, float $half, string $name): array
    {
        $middle = ($left + $right) / 2;

        return [
            FacePiece::rect($left, $y - $half, $right, $y + $half, 'face-metal')->in(CrackZone::CrankshaftJournal),
            FacePiece::rect($left, $y - $half, $left + self::FILLET, $y + $half, 'face-detail')->in(CrackZone::CrankshaftFillet),
            FacePiece::rect($right - self::FILLET, $y - $half, $right, $y + $half, 'face-detail')->in(CrackZone::CrankshaftFillet),
            FacePiece::circle($middle, $y - 0.4 * $half, 5, 'face-hole')->in(CrackZone::CrankshaftOilHole),
            FacePiece::label($middle, $y + 0.72 * $half, $name),
        ];
    }
}
