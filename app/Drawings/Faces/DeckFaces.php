<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveTrain;

/** The deck and the head face that lies on it. */
final readonly class DeckFaces
{
    private const HEIGHT = 360;

    private const HEIGHT_WITH_VALVES = 420;

    private const EDGE = 14.0;

    public static function deck(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        $cylinders = $face->cylindersOf($sheet->layout);
        $count = count($cylinders);
        $hasValves = $sheet->valveTrain->hasExhaustInTheBlock();
        $height = $hasValves ? self::HEIGHT_WITH_VALVES : self::HEIGHT;
        $y = $hasValves ? 0.6 * $height : $height / 2;
        $radius = self::boreRadius($count);
        $bridge = max(12.0, FaceDrawing::pitch($count) - 2 * $radius + 10);

        $pieces = [self::plate($height), ...self::boltHoles($count, $height)];
        for ($gap = 1; $gap < $count; $gap++) {
            $x = FaceDrawing::betweenRow($gap, $count);
            $pieces[] = FacePiece::rect($x - $bridge / 2, $y - 0.7 * $radius, $x + $bridge / 2, $y + 0.7 * $radius, 'face-zone')->in(
                CrackZone::BetweenBores,
            );
        }
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            if ($hasValves) {
                $pieces = [...$pieces, ...self::sideValves($sheet->valveTrain, $x, $y, $radius, $cylinder, $index < $count / 2)];
            }
            $pieces[] = FacePiece::circle($x, $y, $radius, 'face-hole')->in(CrackZone::BoreWall, $cylinder);
            $pieces[] = FacePiece::circle($x, $y, 0.9 * $radius, 'face-detail')->in(CrackZone::BoreWall, $cylinder);
            $pieces[] = FacePiece::label($x, $y + 10, (string) $cylinder);
        }
        $pieces[] = FacePiece::circle(32, $height / 2, 7, 'face-hole')->in(CrackZone::OilGallery);

        return new DrawnFace($face, $height, $pieces);
    }

    public static function head(SpecificationSheet $sheet, Face $face): DrawnFace
    {
        $cylinders = $face->cylindersOf($sheet->layout);
        $count = count($cylinders);
        $pieces = [self::plate(self::HEIGHT), ...self::boltHoles($count, self::HEIGHT)];
        $all = count($sheet->layout->cylinders());
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $pieces = [
                ...$pieces,
                ...$sheet->valveTrain === ValveTrain::SideValve
                    ? self::flatChamber($x, self::boreRadius($count), $cylinder)
                    : self::chamber(
                        $x,
                        self::boreRadius($count),
                        $cylinder,
                        $sheet->valveTrain->hasExhaustInTheBlock() ? 0 : intdiv($sheet->exhaust->count, $all),
                        intdiv($sheet->intake->count, $all),
                    ),
            ];
        }

        return new DrawnFace($face, self::HEIGHT, $pieces);
    }

    private static function boreRadius(int $count): float
    {
        return min(112.0, 0.375 * FaceDrawing::pitch($count));
    }

    private static function plate(int $height): FacePiece
    {
        return FacePiece::rect(self::EDGE, self::EDGE, DrawnFace::WIDTH - self::EDGE, $height - self::EDGE, 'face-metal', 18)->in(
            CrackZone::OuterWaterJacket,
        );
    }

    /** @return list<FacePiece> */
    private static function boltHoles(int $count, int $height): array
    {
        $pieces = [];
        for ($gap = 0; $gap <= $count; $gap++) {
            foreach ([42.0, $height - 42.0] as $y) {
                $x = min(DrawnFace::WIDTH - 42.0, max(42.0, FaceDrawing::betweenRow($gap, $count)));
                $pieces[] = FacePiece::circle($x, $y, 11, 'face-hole')->in(CrackZone::OuterWaterJacket);
            }
        }

        return $pieces;
    }

    /** @return list<FacePiece> The valves beside a bore, the exhaust towards the near end of the block, and the bridge to the bore */
    private static function sideValves(ValveTrain $train, float $x, float $y, float $radius, int $cylinder, bool $isFrontHalf): array
    {
        $side = $isFrontHalf ? -42 : 42;
        $exhaust = $train->hasIntakeInTheBlock() ? $x + $side : $x;
        $pieces = [
            FacePiece::rect($x - 80, 70, $x + 80, $y - 0.8 * $radius, 'face-zone'),
            FacePiece::circle($exhaust, 100, 31, 'face-hole'),
            FacePiece::circle($exhaust, 100, 20, 'face-detail'),
        ];
        if ($train->hasIntakeInTheBlock()) {
            array_push(
                $pieces,
                FacePiece::circle($x - $side, 100, 34, 'face-hole'),
                FacePiece::circle($x - $side, 100, 23, 'face-detail'),
            );
        }

        return array_map(static fn (FacePiece $piece): FacePiece => $piece->in(CrackZone::ValveSeatToBore, $cylinder), $pieces);
    }

    /** @return list<FacePiece> */
    private static function chamber(float $x, float $radius, int $cylinder, int $exhausts, int $intakes): array
    {
        $middle = self::HEIGHT / 2;
        $pieces = [FacePiece::circle($x, $middle, $radius, 'face-recess')->in(CrackZone::ValveSeatToBore, $cylinder)];
        $valve = 0.3 * $radius;
        $rows = match ($exhausts + $intakes) {
            1 => [[[0.0, -0.12], 1.3]],
            2 => [[[-0.42, -0.15], 1.05], [[0.42, -0.15], 1.2]],
            default => [[[-0.4, -0.38], 1.0], [[0.4, -0.38], 1.0], [[-0.4, 0.42], 1.15], [[0.4, 0.42], 1.15]],
        };
        foreach ($rows as [[$across, $down], $scale]) {
            $pieces[] = FacePiece::circle($x + $across * $radius, $middle + $down * $radius, $scale * $valve, 'face-hole')->in(
                CrackZone::ValveSeatToBore,
                $cylinder,
            );
            $pieces[] = FacePiece::circle($x + $across * $radius, $middle + $down * $radius, 0.7 * $scale * $valve, 'face-detail')->in(
                CrackZone::ValveSeatToBore,
                $cylinder,
            );
        }
        $pieces[] = FacePiece::label($x, $middle + 0.78 * $radius, (string) $cylinder);

        return $pieces;
    }

    /** @return list<FacePiece> The chamber of a side-valve head: over bore and valves, with nothing in it but the plug */
    private static function flatChamber(float $x, float $radius, int $cylinder): array
    {
        return [
            FacePiece::rect($x - $radius, 70, $x + $radius, 290, 'face-recess', 60)->in(CrackZone::OuterWaterJacket),
            FacePiece::circle($x, 150, 13, 'face-hole')->in(CrackZone::OuterWaterJacket),
            FacePiece::label($x, 250, (string) $cylinder),
        ];
    }
}
