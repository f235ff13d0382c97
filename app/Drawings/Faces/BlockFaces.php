<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\LayoutKind;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;

/** The outside of a block, its pan rail, and its webs seen from the side. */
final readonly class BlockFaces
{
    public static function valveChest(SpecificationSheet $sheet): DrawnFace
    {
        $height = 280;
        $cylinders = Face::ValveChest->cylindersOf($sheet->layout);
        $count = count($cylinders);
        $pieces = [
            FacePiece::rect(14, 14, 986, $height - 14, 'face-metal', 14)->in(CrackZone::OuterWaterJacket),
            FacePiece::rect(34, 44, 966, $height - 44, 'face-recess', 20)->in(CrackZone::OuterWaterJacket),
        ];
        $pieces[] = FacePiece::rect(34, $height - 66, 966, $height - 54, 'face-detail')->in(CrackZone::OilGallery);
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $reach = 0.2 * FaceDrawing::pitch($count);
            foreach ([$x - $reach, $x + $reach] as $valve) {
                $pieces[] = FacePiece::circle($valve, 116, min(24.0, 0.8 * $reach), 'face-hole')->in(CrackZone::ValveSeatToBore, $cylinder);
            }
            $pieces[] = FacePiece::label($x, 190, (string) $cylinder);
        }

        return new DrawnFace(Face::ValveChest, $height, $pieces);
    }

    public static function side(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        $height = 380;
        $cylinders = $face->cylindersOf($sheet->layout);
        $count = count($cylinders);
        $pieces = [
            FacePiece::path('M20 24H980V236L964 262V330H984V356H16V330H36V262L20 236Z', 'face-metal')->in(CrackZone::OuterWaterJacket),
            FacePiece::rect(36, 262, 964, 330, 'face-zone')->in(CrackZone::CaseWall),
            FacePiece::rect(36, 296, 964, 306, 'face-detail')->in(CrackZone::OilGallery),
            FacePiece::path('M24 244H976', 'face-frost')->in(CrackZone::OuterWaterJacket),
        ];
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            if ($face === Face::Left) {
                $pieces[] = FacePiece::circle($x, 150, min(36.0, 0.26 * FaceDrawing::pitch($count)), 'face-recess')->in(
                    CrackZone::OuterWaterJacket,
                );
            } else {
                $pieces[] = FacePiece::rect($x - 26, 92, $x + 26, 150, 'face-recess', 8)->in(CrackZone::OuterWaterJacket);
            }
            $pieces[] = FacePiece::label($x, 62, (string) $cylinder);
        }
        $pieces[] = FacePiece::rect(400, 184, 600, 226, 'face-detail', 6)->in(CrackZone::OuterWaterJacket);

        return new DrawnFace($face, $height, $pieces);
    }

    public static function end(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        $height = 480;
        $outline = match ($sheet->layout->kind) {
            LayoutKind::InLine => 'M340 30H660V300L720 360V450H280V360L340 300Z',
            LayoutKind::Vee => 'M110 110L330 24L500 190L670 24L890 110L690 340L720 370V450H280V370L310 340Z',
            LayoutKind::Flat => 'M60 170H330V110H670V170H940V310H670V400H330V310H60Z',
        };
        $crank = $sheet->layout->kind === LayoutKind::Flat ? 240.0 : 370.0;
        $wall = $sheet->layout->kind === LayoutKind::Flat ? CrackZone::CaseWall : CrackZone::OuterWaterJacket;

        return new DrawnFace($face, $height, [
            FacePiece::path($outline, 'face-metal')->in($wall),
            FacePiece::circle(500, $crank, 62, 'face-hole')->in(CrackZone::CaseWall),
            FacePiece::circle(500, $crank, 44, 'face-detail')->in(CrackZone::CaseWall),
            FacePiece::circle($face === Face::Front ? 440 : 560, $crank - 96, 22, 'face-hole')->in(CrackZone::CaseWall),
            FacePiece::circle(590, $crank - 60, 9, 'face-hole')->in(CrackZone::OilGallery),
            FacePiece::label(500, $crank + 8, $face === Face::Front ? 'front' : 'rear'),
        ]);
    }

    public static function panRail(SpecificationSheet $sheet): DrawnFace
    {
        $height = 340;
        $mains = $sheet->housings->count;
        $pieces = [
            FacePiece::rect(14, 14, 986, $height - 14, 'face-metal', 12)->in(CrackZone::OuterWaterJacket),
            FacePiece::rect(40, 52, 960, $height - 52, 'face-recess', 8)->in(CrackZone::OuterWaterJacket),
        ];
        for ($hole = 0; $hole < 10; $hole++) {
            foreach ([33.0, $height - 33.0] as $y) {
                $pieces[] = FacePiece::circle(60 + 97.7 * $hole, $y, 8, 'face-hole')->in(CrackZone::OuterWaterJacket);
            }
        }
        for ($main = 0; $main < $mains; $main++) {
            $x = min(934.0, max(66.0, FaceDrawing::main($main, $mains)));
            $pieces[] = FacePiece::rect($x - 24, 78, $x + 24, $height - 78, 'face-part', 6)->in(CrackZone::MainWeb);
            $pieces[] = FacePiece::label($x, $height / 2 + 8, (string) ($main + 1));
        }
        $pieces[] = FacePiece::path("M40 {$height}m0 -66H960", 'face-detail')->in(CrackZone::OilGallery);

        return new DrawnFace(Face::PanRail, $height, $pieces);
    }

    public static function mainWebs(SpecificationSheet $sheet): DrawnFace
    {
        $height = 360;
        $mains = $sheet->housings->count;
        $pieces = [
            FacePiece::rect(8, 20, 992, 66, 'face-metal', 6)->in(CrackZone::MainWeb),
            FacePiece::rect(8, 36, 992, 48, 'face-detail')->in(CrackZone::OilGallery),
        ];
        for ($main = 0; $main < $mains; $main++) {
            $x = FaceDrawing::main($main, $mains);
            $half = min(30.0, (0.34 * 920) / $mains);
            $pieces[] = FacePiece::rect($x - $half, 66, $x + $half, 246, 'face-metal', 4)->in(CrackZone::MainWeb);
            $pieces[] = FacePiece::rect($x - $half, 212, $x + $half, 250, 'face-part')->in(CrackZone::Saddle);
            $pieces[] = FacePiece::rect($x - $half, 254, $x + $half, 330, 'face-recess', 4)->in(CrackZone::Saddle);
            $pieces[] = FacePiece::label($x, 306, (string) ($main + 1));
        }

        return new DrawnFace(Face::MainWebs, $height, $pieces);
    }
}
