<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SeatPlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Engine\Specification\ValveKind;
use NorthLedger\Core\Engine\Specification\ValveTrain;

/** The deck and the head face that lies on it. */
final readonly class DeckFaces
{
    private const HEIGHT = 360;

    private const HEIGHT_WITH_VALVES = 420;

    private const EDGE = 14.0;

    /** Radius of a valve's seat in a chamber, as a share of the bore's. */
    private const VALVE = 0.3;

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
                $pieces = [...$pieces, ...self::sideValves($sheet, $face, [$x, $y - 0.8 * $radius], $cylinder, $index < $count / 2)];
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
        foreach ($cylinders as $index => $cylinder) {
            $x = FaceDrawing::inRow($index, $count);
            $pieces = [
                ...$pieces,
                ...$sheet->valveTrain === ValveTrain::SideValve
                    ? self::flatChamber($x, self::boreRadius($count), $cylinder)
                    : self::chamber($sheet, $face, $x, self::boreRadius($count), $cylinder),
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

    /**
     * The valves beside a bore, by themselves the exhaust towards the near end of the block, and the bridge to the bore.
     *
     * @param  array{float, float}  $edge  Where the bridge ends, at the bore
     * @return list<FacePiece>
     */
    private static function sideValves(SpecificationSheet $sheet, Face $face, array $edge, int $cylinder, bool $isFrontHalf): array
    {
        [$x, $y] = $edge;
        $side = $isFrontHalf ? -42 : 42;
        $hasBoth = $sheet->valveTrain->hasIntakeInTheBlock();
        $height = self::HEIGHT_WITH_VALVES;
        $exhausts = self::seats($sheet->seatPlacesOf($face, $cylinder, ValveKind::Exhaust), $height, [[$hasBoth ? $x + $side : $x, 100.0]]);
        $intakes = $hasBoth ? self::seats($sheet->seatPlacesOf($face, $cylinder, ValveKind::Intake), $height, [[$x - $side, 100.0]]) : [];
        [$across, $down] = [array_column([...$exhausts, ...$intakes], 0), array_column([...$exhausts, ...$intakes], 1)];
        $pieces = [FacePiece::rect(min($x - 80, ...$across), min(70, ...$down), max($x + 80, ...$across), $y, 'face-zone')];
        foreach ([[$exhausts, 31], [$intakes, 34]] as [$seats, $radius]) {
            foreach ($seats as [$seatX, $seatY]) {
                $pieces[] = FacePiece::circle($seatX, $seatY, $radius, 'face-hole');
                $pieces[] = FacePiece::circle($seatX, $seatY, $radius - 11, 'face-detail');
            }
        }

        return array_map(static fn (FacePiece $piece): FacePiece => $piece->in(CrackZone::ValveSeatToBore, $cylinder), $pieces);
    }

    /** @return list<FacePiece> */
    private static function chamber(SpecificationSheet $sheet, Face $face, float $x, float $radius, int $cylinder): array
    {
        $middle = self::HEIGHT / 2;
        $pieces = [FacePiece::circle($x, $middle, $radius, 'face-recess')->in(CrackZone::ValveSeatToBore, $cylinder)];
        foreach (self::valvesOf($sheet) as [$valve, $places, $share]) {
            $byLayout = array_map(static fn (array $place): array => [$x + $place[0] * $radius, $middle + $place[1] * $radius], $places);
            $size = self::VALVE * $share * $radius;
            foreach (self::seats($sheet->seatPlacesOf($face, $cylinder, $valve), self::HEIGHT, $byLayout) as [$seatX, $seatY]) {
                $pieces[] = FacePiece::circle($seatX, $seatY, $size, 'face-hole')->in(CrackZone::ValveSeatToBore, $cylinder);
                $pieces[] = FacePiece::circle($seatX, $seatY, 0.7 * $size, 'face-detail')->in(CrackZone::ValveSeatToBore, $cylinder);
            }
        }
        $pieces[] = FacePiece::label($x, $middle + 0.78 * $radius, (string) $cylinder);

        return $pieces;
    }

    /**
     * Which valves hang in a chamber, where from its middle, and how large.
     *
     * @return list<array{ValveKind, list<array{float, float}>, float}>
     */
    private static function valvesOf(SpecificationSheet $sheet): array
    {
        $all = count($sheet->layout->cylinders());
        $exhausts = $sheet->valveTrain->hasExhaustInTheBlock() ? 0 : intdiv($sheet->exhaust->count, $all);

        return match ($exhausts + intdiv($sheet->intake->count, $all)) {
            1 => [[$exhausts === 1 ? ValveKind::Exhaust : ValveKind::Intake, [[0.0, -0.12]], 1.3]],
            2 => [[ValveKind::Exhaust, [[-0.42, -0.15]], 1.05], [ValveKind::Intake, [[0.42, -0.15]], 1.2]],
            default => [[ValveKind::Exhaust, [[-0.4, -0.38], [0.4, -0.38]], 1.0], [ValveKind::Intake, [[-0.4, 0.42], [0.4, 0.42]], 1.15]],
        };
    }

    /**
     * Where the seats lie on the drawing: as the sheet says, and those of which it says nothing as such an engine usually has them.
     *
     * @param  list<SeatPlace>  $stated
     * @param  list<array{float, float}>  $byLayout
     * @return list<array{float, float}>
     */
    private static function seats(array $stated, int $height, array $byLayout): array
    {
        return [
            ...array_map(
                static fn (SeatPlace $seat): array => [
                    ($seat->x * DrawnFace::WIDTH) / PronePlace::SIDE,
                    ($seat->y * $height) / PronePlace::SIDE,
                ],
                $stated,
            ),
            ...array_slice($byLayout, count($stated)),
        ];
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
