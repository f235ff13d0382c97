<?php

declare(strict_types=1);

namespace App\Drawings;

use App\Pages\BoreNeed;
use App\Pages\CellState;
use NorthLedger\Core\Engine\Places\Station;
use NorthLedger\Core\Quantity\Length;

/** The bore from the deck: the wall as worn at each station, and each size's circle about its best centre (BORE-8). */
final readonly class BoreCentre
{
    public const SIZE = 208;

    private const RADIUS = 54.0;

    private const REACH = 40.0;

    private const STEP_DEGREES = 5;

    /**
     * @param  array<string, string>  $outlines  Points by station
     * @param  list<array{key: string, name: string, x: string, y: string, radius: string}>  $sizes
     * @param  int  $shown  Which of the sizes is drawn first: the smallest that cleans up
     */
    private function __construct(public array $outlines, public array $sizes, public string $asMade, public int $shown)
    {
    }

    /** @param  list<BoreNeed>  $needs */
    public static function of(WornWall $wall, array $needs, Length $asMade): self
    {
        $largestCut = max([0, ...array_map(static fn (BoreNeed $need): int => $need->size->minus($asMade)->nanometres, $needs)]) / 2;
        $scale = self::REACH / max(1.0, $wall->largest(), min($largestCut, 2.5 * max(1.0, $wall->largest())));
        $outlines = [];
        foreach (Station::JUDGED as $station) {
            if (isset($wall->known[$station->value])) {
                $outlines[$station->value] = self::outline($wall, $station, $scale);
            }
        }
        $sizes = [];
        $shown = null;
        foreach ($needs as $need) {
            $radius = self::RADIUS + ($need->size->minus($asMade)->nanometres / 2) * $scale;
            if ($radius <= self::SIZE / 2) {
                [$x, $y] = self::towards($need->direction, $need->shift->nanometres * $scale);
                $shown ??= $need->state === CellState::Out ? null : count($sizes);
                $sizes[] = [
                    'key' => $need->key,
                    'name' => $need->name,
                    'x' => Coordinate::of($x),
                    'y' => Coordinate::of($y),
                    'radius' => Coordinate::of($radius),
                ];
            }
        }

        return new self($outlines, $sizes, Coordinate::of(self::RADIUS), $shown ?? 0);
    }

    private static function outline(WornWall $wall, Station $station, float $scale): string
    {
        $points = [];
        for ($degrees = 0; $degrees < 360; $degrees += self::STEP_DEGREES) {
            [$x, $y] = self::towards($degrees, self::RADIUS + ($wall->at($station, $degrees) ?? 0) * $scale);
            $points[] = Coordinate::of($x).','.Coordinate::of($y);
        }

        return implode(' ', $points);
    }

    /**
     * 0° is drawn up, 90° to the right.
     *
     * @return array{float, float}
     */
    private static function towards(float $degrees, float $distance): array
    {
        return [$distance * sin(deg2rad($degrees)), -$distance * cos(deg2rad($degrees))];
    }
}
