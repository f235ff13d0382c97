<?php

declare(strict_types=1);

namespace App\Practice;

use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Quantity\LengthUnit;

/** A vernier caliper: the beam above, the slide with its vernier below; the vernier’s lines are a little closer than the beam’s. */
final class DrawnCaliper
{
    private const WIDTH = 1180;

    private const HEIGHT = 250;

    private const EDGE_Y = 130;

    private const ZERO_X = 90;

    private const INCH_LINE_X = 40;

    private const METRIC_LINE_X = 52;

    public static function of(Exercise $exercise): Picture
    {
        $picture = new Picture(self::WIDTH, self::HEIGHT);
        $isInch = $exercise->instrument->unit() === LengthUnit::Inch;
        $line = $exercise->instrument->barrelLine()->nanometres ?? 1;
        $lineX = $isInch ? self::INCH_LINE_X : self::METRIC_LINE_X;
        $picture->box(0, 20, self::WIDTH, self::EDGE_Y - 20, 'barrel');
        $picture->box(self::ZERO_X - 60, self::EDGE_Y, self::WIDTH - self::ZERO_X + 40, 100, 'slide');
        self::beam($picture, $exercise, $line, $lineX, $isInch);
        self::vernier($picture, $exercise, $line, $lineX, $isInch);

        return $picture;
    }

    private static function beam(Picture $picture, Exercise $exercise, int $line, int $lineX, bool $isInch): void
    {
        $shown = $exercise->shown->nanometres;
        $read = intdiv($shown, $line);
        for ($number = max(0, $read - 2); ; $number++) {
            $x = self::ZERO_X + (($number * $line - $shown) / $line) * $lineX;
            if ($x > self::WIDTH - 4) {
                return;
            }
            if ($x < 4) {
                continue;
            }
            $isNumbered = $number % ($isInch ? 4 : 5) === 0;
            $step = $number === $read ? 'line' : '';
            $picture->line($x, self::EDGE_Y, $x, self::EDGE_Y - ($isNumbered ? 46 : 28), 'mark', $step, 'barrel '.$number * $line);
            if ($isNumbered) {
                $label = $isInch
                    ? (intdiv($number, 40) > 0 && $number % 40 === 0
                        ? intdiv($number, 40).'″'
                        : (string) (intdiv($number, 4) % 10))
                    : (string) $number;
                $picture->text($x, self::EDGE_Y - 54, $label, 'number', $step);
            }
        }
    }

    private static function vernier(Picture $picture, Exercise $exercise, int $line, int $lineX, bool $isInch): void
    {
        $lines = $isInch ? 25 : 20;
        $meets = intdiv($exercise->shown->nanometres % $line, intdiv($line, $lines));
        for ($number = 0; $number <= $lines; $number++) {
            $x = self::ZERO_X + ($number * $lineX * ($lines - 1)) / $lines;
            $isNumbered = $number % ($isInch ? 5 : 4) === 0;
            $step = $number === $meets ? 'vernier' : '';
            $picture->line($x, self::EDGE_Y, $x, self::EDGE_Y + ($isNumbered ? 44 : 28), 'mark vernier', $step, "vernier {$number}");
            if ($isNumbered || $step !== '') {
                $picture->text(
                    $x,
                    self::EDGE_Y + 64,
                    (string) ($isInch ? $number : ($number % 2 === 0 ? intdiv($number, 2) : '')),
                    $isNumbered ? 'number' : 'hidden',
                    $step,
                );
            }
        }
    }
}
