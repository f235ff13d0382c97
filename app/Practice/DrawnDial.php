<?php

declare(strict_types=1);

namespace App\Practice;

use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Quantity\Length;

/** A dial with its hand; one about zero has its numbers both ways, one with a counter shows how often the hand has gone round. */
final class DrawnDial
{
    private const SIDE = 420;

    private const RADIUS = 180;

    private const COUNTER_RADIUS = 34;

    private const COUNTER_TURNS = 10;

    public static function of(Exercise $exercise): Picture
    {
        $picture = self::face($exercise->instrument);
        $turn = $exercise->instrument->revolution()->nanometres ?? 1;
        if (! $exercise->instrument->isAboutZero()) {
            self::counter($picture, $exercise->shown->nanometres / $turn);
        }
        [$x, $y] = self::at(self::degrees($exercise->instrument, $exercise->shown), self::RADIUS - 26);
        [$backX, $backY] = self::at(self::degrees($exercise->instrument, $exercise->shown) + 180, 30);
        $picture->line($backX, $backY, $x, $y, 'hand', 'hand', 'hand');

        return $picture;
    }

    /** The dial without its hand. */
    public static function face(ReadInstrument $instrument): Picture
    {
        $picture = new Picture(self::SIDE, self::SIDE);
        $picture->path(self::circle(self::SIDE / 2, self::SIDE / 2, self::RADIUS + 16), 'dial');
        $divisions = intdiv($instrument->revolution()->nanometres ?? 1, $instrument->resolution()->nanometres);
        self::divisions($picture, $divisions, $instrument);
        if ($instrument->isAboutZero()) {
            $picture->text(self::SIDE / 2, self::SIDE / 2 - 70, '← larger', 'note', 'sign');
        }
        $picture->text(
            52,
            self::SIDE - 14,
            match ($instrument) {
                ReadInstrument::DialBoreGauge => '0.0005 in',
                ReadInstrument::MetricDialBoreGauge => '0.01 mm',
                ReadInstrument::FineMetricDialBoreGauge => '0.002 mm',
                default => '0.001 in',
            },
            'note',
        );

        return $picture;
    }

    /** Where the hand stands, clockwise from the top; a larger bore lets the contact out, and the hand goes back. */
    public static function degrees(ReadInstrument $instrument, Length $shown): float
    {
        $turn = $instrument->revolution()->nanometres ?? 1;
        $way = $instrument->isAboutZero() ? -1 : 1;

        return ($way * 360.0 * ($shown->nanometres % $turn)) / $turn;
    }

    private static function divisions(Picture $picture, int $divisions, ReadInstrument $instrument): void
    {
        $isAboutZero = $instrument->isAboutZero();
        $perUnit = match ($instrument) {
            ReadInstrument::DialBoreGauge => 2,
            ReadInstrument::FineMetricDialBoreGauge => 5,
            default => 1,
        };
        for ($number = 0; $number < $divisions; $number++) {
            $angle = (360.0 * $number) / $divisions;
            $isLong = $number % 10 === 0;
            $isMiddle = $number % ($perUnit === 2 ? 2 : 5) === 0;
            [$x1, $y1] = self::at($angle, self::RADIUS);
            [$x2, $y2] = self::at($angle, self::RADIUS - ($isLong ? 22 : ($isMiddle ? 16 : 10)));
            $picture->line($x1, $y1, $x2, $y2, 'mark', '', "dial {$number}");
            if ($isLong) {
                [$x, $y] = self::at($angle, self::RADIUS - 42);
                $label = $isAboutZero ? intdiv(min($number, $divisions - $number), $perUnit) : $number;
                $picture->text($x, $y + 7, (string) $label, 'number', 'hand');
            }
        }
    }

    private static function counter(Picture $picture, float $turns): void
    {
        [$x, $y] = [self::SIDE / 2, self::SIDE / 2 + 78];
        $picture->path(self::circle($x, $y, self::COUNTER_RADIUS), 'dial small', 'turns');
        for ($number = 0; $number < self::COUNTER_TURNS; $number++) {
            $angle = deg2rad((360 * $number) / self::COUNTER_TURNS);
            $picture->line(
                $x + sin($angle) * self::COUNTER_RADIUS,
                $y - cos($angle) * self::COUNTER_RADIUS,
                $x + sin($angle) * (self::COUNTER_RADIUS - 6),
                $y - cos($angle) * (self::COUNTER_RADIUS - 6),
                'mark',
            );
            $picture->text(
                $x + sin($angle) * (self::COUNTER_RADIUS - 13),
                $y - cos($angle) * (self::COUNTER_RADIUS - 13) + 4,
                (string) $number,
                'number tiny',
                'turns',
            );
        }
        $angle = deg2rad((360 * $turns) / self::COUNTER_TURNS);
        $picture->line($x, $y, $x + sin($angle) * 15, $y - cos($angle) * 15, 'hand small', 'turns', 'turns '.floor($turns));
    }

    /** @return array{float, float} */
    private static function at(float $degrees, float $radius): array
    {
        return [self::SIDE / 2 + sin(deg2rad($degrees)) * $radius, self::SIDE / 2 - cos(deg2rad($degrees)) * $radius];
    }

    private static function circle(float $x, float $y, float $radius): string
    {
        return sprintf(
            'M%1$.2f %2$.2fa%3$.2f %3$.2f 0 1 0 %4$.2f 0a%3$.2f %3$.2f 0 1 0 -%4$.2f 0z',
            $x - $radius,
            $y,
            $radius,
            2 * $radius,
        );
    }
}
