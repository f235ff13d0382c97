<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** The halves of a split case seen from their parting face, and separate cylinders. */
final readonly class CaseFaces
{
    public static function half(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        $height = 420;
        $cylinders = $face->cylindersOf($sheet->layout);
        $count = count($cylinders);
        $mains = $sheet->housings->count;
        $pieces = [
            FacePiece::path('M20 40H980V260H992V396H8V260H20Z', 'face-metal')->in(CrackZone::CaseWall),
            FacePiece::rect(8, 296, 992, 342, 'face-recess')->in(CrackZone::CaseWall),
            FacePiece::rect(20, 366, 980, 378, 'face-detail')->in(CrackZone::OilGallery),
            FacePiece::circle(880, 260, 15, 'face-hole')->in(CrackZone::OilGallery),
        ];
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $pieces[] = FacePiece::circle($x, 146, 92, 'face-hole')->in(CrackZone::CaseWall);
            $pieces[] = FacePiece::circle($x, 146, 80, 'face-detail')->in(CrackZone::CaseWall);
            $pieces[] = FacePiece::label($x, 156, (string) $cylinder);
        }
        for ($main = 0; $main < $mains; $main++) {
            $x = FaceDrawing::main($main, $mains);
            $pieces[] = FacePiece::rect($x - 34, 262, $x + 34, 350, 'face-metal', 4)->in(CrackZone::MainWeb);
            $pieces[] = FacePiece::rect($x - 34, 290, $x + 34, 346, 'face-part')->in(CrackZone::Saddle);
            $pieces[] = FacePiece::circle($x, 272, 7, 'face-hole')->in(CrackZone::Saddle);
        }

        return new DrawnFace($face, $height, $pieces);
    }

    public static function cylinders(SpecificationSheet $sheet): DrawnFace
    {
        $height = 380;
        $cylinders = $sheet->layout->cylinders();
        $count = count($cylinders);
        $pieces = [];
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $half = 0.42 * FaceDrawing::pitch($count);
            for ($fin = 0; $fin < 9; $fin++) {
                $pieces[] = FacePiece::rect($x - $half, 44 + 26 * $fin, $x + $half, 54 + 26 * $fin, 'face-part', 3)->in(
                    CrackZone::BoreWall,
                    $cylinder,
                );
            }
            $pieces[] = FacePiece::rect($x - 0.68 * $half, 24, $x + 0.68 * $half, 350, 'face-metal', 4)->in(CrackZone::BoreWall, $cylinder);
            $pieces[] = FacePiece::label($x, 320, (string) $cylinder);
        }

        return new DrawnFace(Face::Cylinders, $height, $pieces);
    }
}
