<?php

declare(strict_types=1);

namespace App\Practice;

use NorthLedger\Core\Practice\Exercise;

/** Blades of a feeler pack, one on the other, each with its thickness. */
final class DrawnFeelers
{
    private const WIDTH = 620;

    private const BLADE_HEIGHT = 44;

    public static function of(Exercise $exercise): Picture
    {
        $picture = new Picture(self::WIDTH, 60 + 60 * count($exercise->blades));
        foreach ($exercise->blades as $index => $blade) {
            $y = 30 + 60 * $index;
            $thou = intdiv($blade->nanometres, 25_400);
            $picture->box(30 + 14 * $index, $y, self::WIDTH - 90, self::BLADE_HEIGHT, 'blade', 'blades');
            $picture->text(self::WIDTH / 2, $y + 29, sprintf('.%03d', $thou), 'number', 'blades');
            $picture->line(0, 0, 0, 0, 'hidden', '', "blade {$blade->nanometres}");
        }

        return $picture;
    }
}
