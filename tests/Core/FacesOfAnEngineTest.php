<?php

declare(strict_types=1);

namespace Tests\Core;

use App\Drawings\Faces\CrankLayout;
use App\Drawings\Faces\DrawnFace;
use App\Drawings\Faces\FaceDrawing;
use App\Drawings\Faces\FacePiece;
use NorthLedger\Core\Engine\Specification\CrackZone;
use NorthLedger\Core\Engine\Specification\Face;
use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The drawn faces against the sheets they are drawn from. */
final class FacesOfAnEngineTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function families(): iterable
    {
        foreach (['tarn-4-198', 'fell-6-d', 'brae-v8-311', 'sorrel-f4', 'cairn-l4-144', 'quern-3-16'] as $family) {
            yield $family => [$family];
        }
    }

    #[DataProvider('families')]
    public function test_the_drawing_knows_the_zone_of_every_crack_prone_place(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach ($sheet->pronePlaces as $place) {
            $drawn = FaceDrawing::of($sheet, $place->face);
            $under = $this->pieceAt(
                $drawn,
                ($place->x * DrawnFace::WIDTH) / PronePlace::SIDE,
                ($place->y * $drawn->height) / PronePlace::SIDE,
            );
            $this->assertNotNull($under, "{$family} {$place->number} lies off its face");
            $near = $this->zonesNear(
                $drawn,
                ($place->x * DrawnFace::WIDTH) / PronePlace::SIDE,
                ($place->y * $drawn->height) / PronePlace::SIDE,
            );
            $this->assertContains(
                $place->zone,
                $near,
                "{$family} {$place->number}, {$place->words}: the drawing has {$under->zone?->value} there",
            );
        }
    }

    public function test_seats_lie_where_the_sheet_says_and_the_others_where_such_an_engine_has_them(): void
    {
        foreach (['cairn-l4-144' => Face::Deck, 'tarn-4-198' => Face::Head] as $family => $face) {
            $document = json_decode((string) file_get_contents(dirname(__DIR__, 2)."/resources/specs/{$family}.json"), true);
            $seat = ['face' => $face->value, 'cylinder' => 2, 'valve' => 'exhaust', 'x' => 320, 'y' => 250];
            $drawn = FaceDrawing::of(SpecificationSheet::fromArray(['seats' => [$seat]] + $document), $face);
            $byLayout = FaceDrawing::of(Bench::sheet($family), $face);
            $moved = array_values(array_diff($this->circles($drawn), $this->circles($byLayout)));
            $this->assertCount(2, $moved, "{$family}: the seat and its throat, and no other");
            foreach ($moved as $circle) {
                [$x, $y] = explode(' ', $circle);
                $this->assertSame(['320', (string) ($drawn->height / 4)], [$x, $y], $family);
            }
            $this->assertCount(count($byLayout->pieces), $drawn->pieces, 'none is drawn twice');
            $this->assertContains(CrackZone::ValveSeatToBore, $this->zonesNear($drawn, 320, $drawn->height / 4));
        }
    }

    public function test_cylinders_are_drawn_as_they_stand_and_not_as_they_count(): void
    {
        $document = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/resources/specs/tarn-4-198.json'), true);
        $sheet = SpecificationSheet::fromArray(['layout' => ['kind' => 'in-line', 'banks' => [[4, 3, 2, 1]]]] + $document);
        foreach ([Face::Deck, Face::Left, Face::ValveChest] as $face) {
            $texts = array_column(FaceDrawing::of($sheet, $face)->pieces, 'text');
            $this->assertSame(['4', '3', '2', '1'], array_values(array_intersect($texts, ['1', '2', '3', '4'])), $face->value);
        }
    }

    #[DataProvider('families')]
    public function test_every_zone_of_a_drawn_face_is_one_that_the_face_has(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach ($sheet->faces() as $face) {
            foreach (FaceDrawing::of($sheet, $face)->pieces as $piece) {
                if ($piece->zone !== null) {
                    $this->assertContains($piece->zone, $face->zones(), "{$family} {$face->value}");
                    $this->assertTrue(
                        ! $piece->zone->isAtCylinder() || in_array($piece->cylinder, $sheet->layout->cylinders(), true),
                        "{$family} {$face->value}: a {$piece->zone->value} of no cylinder",
                    );
                }
            }
        }
    }

    #[DataProvider('families')]
    public function test_a_face_shows_its_own_cylinders_and_nothing_past_its_edge(string $family): void
    {
        $sheet = Bench::sheet($family);
        foreach ($sheet->faces() as $face) {
            $drawn = FaceDrawing::of($sheet, $face);
            foreach ($drawn->pieces as $piece) {
                [$left, $top, $right, $bottom] = $this->box($piece);
                $this->assertGreaterThanOrEqual(0, min($left, $top), "{$family} {$face->value}");
                $this->assertLessThanOrEqual(DrawnFace::WIDTH, $right, "{$family} {$face->value}");
                $this->assertLessThanOrEqual($drawn->height, $bottom, "{$family} {$face->value}");
                $this->assertTrue(
                    $piece->cylinder === null || in_array($piece->cylinder, $face->cylindersOf($sheet->layout), true),
                    "{$family} {$face->value}",
                );
            }
        }
    }

    #[DataProvider('families')]
    public function test_a_crankshaft_has_as_many_journals_as_its_sheet_says(string $family): void
    {
        $sheet = Bench::sheet($family);
        $layout = CrankLayout::of($sheet->crankshaft);
        $this->assertCount($sheet->crankshaft->mains->count, $layout->mains);
        $this->assertCount($sheet->crankshaft->rods->count, $layout->rods);
        $all = [...$layout->mains, ...$layout->rods, ...$layout->webs];
        usort($all, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        foreach (array_slice($all, 1) as $index => [$left]) {
            $this->assertEqualsWithDelta($all[$index][1], $left, 0.01, 'one follows the other without a gap');
        }
    }

    /** @return list<string> “x y radius” */
    private function circles(DrawnFace $face): array
    {
        $circles = array_filter($face->pieces, static fn (FacePiece $piece): bool => $piece->tag === 'circle');

        return array_values(
            array_map(
                static fn (FacePiece $one): string => "{$one->attributes['cx']} {$one->attributes['cy']} {$one->attributes['r']}",
                $circles,
            ),
        );
    }

    private function pieceAt(DrawnFace $drawn, float $x, float $y): ?FacePiece
    {
        $found = null;
        foreach ($drawn->pieces as $piece) {
            if ($piece->zone !== null && $this->holds($piece, $x, $y)) {
                $found = $piece;
            }
        }

        return $found;
    }

    /** @return list<mixed> The topmost zones within a finger's breadth */
    private function zonesNear(DrawnFace $drawn, float $x, float $y): array
    {
        $zones = [];
        foreach ([[0, 0], [12, 0], [-12, 0], [0, 12], [0, -12]] as [$right, $down]) {
            $zones[] = $this->pieceAt($drawn, $x + $right, $y + $down)?->zone;
        }

        return $zones;
    }

    private function holds(FacePiece $piece, float $x, float $y): bool
    {
        [$left, $top, $right, $bottom] = $this->box($piece);
        if ($piece->tag === 'circle') {
            return hypot($x - (float) $piece->attributes['cx'], $y - (float) $piece->attributes['cy']) <= (float) $piece->attributes['r'];
        }

        return $x >= $left && $x <= $right && $y >= $top && $y <= $bottom;
    }

    /** @return array{float, float, float, float} Left, top, right, bottom; of a path that of its corners */
    private function box(FacePiece $piece): array
    {
        $number = static fn (string $name): float => (float) ($piece->attributes[$name] ?? 0);

        return match ($piece->tag) {
            'circle' => [
                $number('cx') - $number('r'),
                $number('cy') - $number('r'),
                $number('cx') + $number('r'),
                $number('cy') + $number('r'),
            ],
            'rect' => [$number('x'), $number('y'), $number('x') + $number('width'), $number('y') + $number('height')],
            'text' => [$number('x'), $number('y'), $number('x'), $number('y')],
            default => $this->boxOfPath($piece->attributes['d'] ?? ''),
        };
    }

    /** @return array{float, float, float, float} */
    private function boxOfPath(string $d): array
    {
        preg_match_all('/([MLHVmZ])\s*(-?[\d.]+)?[ ,]?(-?[\d.]+)?/', $d, $steps, PREG_SET_ORDER);
        [$x, $y] = [0.0, 0.0];
        [$xs, $ys] = [[], []];
        foreach ($steps as $step) {
            [$x, $y] = match ($step[1]) {
                'M', 'L' => [(float) ($step[2] ?? 0), (float) ($step[3] ?? 0)],
                'm' => [$x + (float) ($step[2] ?? 0), $y + (float) ($step[3] ?? 0)],
                'H' => [(float) ($step[2] ?? 0), $y],
                'V' => [$x, (float) ($step[2] ?? 0)],
                default => [$x, $y],
            };
            $xs[] = $x;
            $ys[] = $y;
        }

        return $xs === [] || $ys === [] ? [0.0, 0.0, 0.0, 0.0] : [min($xs), min($ys), max($xs), max($ys)];
    }
}
