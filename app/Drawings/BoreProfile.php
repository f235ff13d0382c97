<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Record\JobFile;
use App\Words\Line;
use NorthLedger\Core\Engine\Places\Axis;
use NorthLedger\Core\Features\Bores\BoreMeasures;

/** Two sections through a bore, along the thrust axis and along the crankshaft: the walls as made dashed, as worn exaggerated. */
final readonly class BoreProfile
{
    public const WIDTH = 230;

    public const HEIGHT = 208;

    private const TOP = 30;

    private const FOOT = 24;

    private const HALF = 26.0;

    private const DEEPEST = 17.0;

    private const STEPS = 12;

    /** @param  list<array{x: int, name: string, form: string, walls: list<string>, truth: list<string>, made: string}>  $sections */
    private function __construct(public array $sections, public string $caption)
    {
    }

    public static function of(JobFile $file, BoreMeasures $measures, WornWall $wall, WornWall $true): self
    {
        $scale = self::DEEPEST / max(1.0, $wall->largest(), $true->largest());
        $sections = [];
        foreach ([[Axis::Thrust, 0], [Axis::Inline, 90]] as $index => [$axis, $degrees]) {
            $taper = $measures->taper[$axis->value] ?? null;
            $form = $measures->form($axis)->value ?? Line::of('findings.criterion.taper');
            $sections[] = [
                'x' => 58 + $index * 114,
                'name' => Line::ofCode('places.axis', $axis),
                'form' => $taper === null ? Line::of('sheet.cell.missing') : "{$form} {$file->display->magnitude($taper->value())}",
                'walls' => self::sides($wall, $degrees, $scale),
                'truth' => self::sides($true, $degrees, $scale),
                'made' => sprintf('M-%1$d %2$dV%3$dM%1$d %2$dV%3$d', self::HALF, self::TOP, self::HEIGHT - self::FOOT),
            ];
        }

        $caption = Line::of($wall->isKnown() ? 'drawing.exaggerated' : 'drawing.nothing_read');

        return new self($sections, $true->isKnown() ? "{$caption} · ".Line::of('drawing.truth') : $caption);
    }

    /** @return list<string> */
    private static function sides(WornWall $wall, int $degrees, float $scale): array
    {
        return array_values(array_filter([self::side($wall, $degrees, 1, $scale), self::side($wall, $degrees + 180, -1, $scale)]));
    }

    private static function side(WornWall $wall, int $degrees, int $sign, float $scale): string
    {
        if ($wall->atDepth(0.0, $degrees) === null) {
            return '';
        }
        $points = [];
        for ($step = 0; $step <= self::STEPS; $step++) {
            $depth = $step / self::STEPS;
            $points[] =
                Coordinate::of($sign * (self::HALF + ($wall->atDepth($depth, $degrees) ?? 0) * $scale)).
                ','.
                Coordinate::of(self::TOP + $depth * (self::HEIGHT - self::FOOT - self::TOP));
        }

        return implode(' ', $points);
    }
}
