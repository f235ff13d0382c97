<?php

declare(strict_types=1);

namespace App\Drawings;

use NorthLedger\Core\Engine\Specification\PronePlace;
use NorthLedger\Core\Engine\Specification\StampedPlace;

/** Where numbers stand in a face, on its map: each mark beside the measuring places, with a line to where the number is. */
final readonly class FaceStamps
{
    /** Half of the mark, with a little room around it. */
    private const HALF_WIDTH = 19.0;

    private const HALF_HEIGHT = 9.0;

    /** A measuring place with its height written to the right of it. */
    private const PLACE = ['left' => 6.0, 'right' => 40.0, 'half' => 7.0];

    private const STEP = 4;

    private const MOST_STEPS = 15;

    /** @param  list<array{float, float}>  $places  The measuring places, as they are drawn */
    public function __construct(private float $width, private float $height, private array $places)
    {
    }

    /**
     * @param  list<StampedPlace>  $stamped
     * @return list<array{at: string, to: string, words: string}> The mark, the number’s own place from there, and what it is
     */
    public function drawn(array $stamped): array
    {
        return array_map(function (StampedPlace $place): array {
            [$x, $y] = [($place->x * $this->width) / PronePlace::SIDE, ($place->y * $this->height) / PronePlace::SIDE];
            $shift = $this->shift($x, $y);

            return [
                'at' => Coordinate::of($x).','.Coordinate::of($y + $shift),
                'to' => Coordinate::of(-$shift),
                'words' => $place->words,
            ];
        }, $stamped);
    }

    /** How far the mark goes down, or up, to be beside everything; nothing where it covers something wherever it goes. */
    private function shift(float $x, float $y): float
    {
        for ($step = 0; $step <= self::MOST_STEPS; $step++) {
            foreach ([$step * self::STEP, -$step * self::STEP] as $shift) {
                if ($this->isFree($x, $y + $shift)) {
                    return $shift;
                }
            }
        }

        return 0;
    }

    private function isFree(float $x, float $y): bool
    {
        $covers = static fn (array $place): bool => abs($place[1] - $y) < self::HALF_HEIGHT + self::PLACE['half'] &&
            $x + self::HALF_WIDTH > $place[0] - self::PLACE['left'] &&
            $x - self::HALF_WIDTH < $place[0] + self::PLACE['right'];

        return $y >= 0 && $y <= $this->height && array_filter($this->places, $covers) === [];
    }
}
