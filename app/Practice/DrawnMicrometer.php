<?php

declare(strict_types=1);

namespace App\Practice;

use NorthLedger\Core\Practice\Exercise;
use NorthLedger\Core\Quantity\LengthUnit;

/**
 * A micrometer from the side of its barrel: lines up to the edge of the thimble, the thimble’s divisions, and a vernier where it has one.
 */
final readonly class DrawnMicrometer
{
    private const WIDTH = 900;

    private const HEIGHT = 430;

    private const INDEX_Y = 225;

    private const EDGE_X = 470;

    private const LEFT_X = 40;

    /** From one line of the barrel to the next. */
    private const LINE_X = 34;

    /** From one division of the thimble to the next. */
    private const DIVISION_Y = 17;

    private const SEEN_DIVISIONS = 11;

    /** From the index to the rim of the barrel, and to where the thimble curves away. */
    private const BARREL_HALF = 155;

    private const THIMBLE_HALF = 170;

    private const VERNIER_LINES = 10;

    private int $line;

    private int $divisions;

    private bool $isInch;

    private function __construct(private Exercise $exercise, private Picture $picture)
    {
        $this->line = $exercise->instrument->barrelLine()->nanometres ?? 1;
        $this->isInch = $exercise->instrument->unit() === LengthUnit::Inch;
        $this->divisions = $this->isInch ? 25 : 50;
    }

    public static function of(Exercise $exercise): Picture
    {
        $picture = new Picture(self::WIDTH, self::HEIGHT);
        $drawn = new self($exercise, $picture);
        $drawn->body();
        $drawn->barrel();
        if ($exercise->instrument->thimbleDivision() !== null) {
            $drawn->vernier();
        }
        $drawn->thimble();

        return $picture;
    }

    private function body(): void
    {
        $this->picture->box(0, self::INDEX_Y - self::BARREL_HALF, self::EDGE_X, 2 * self::BARREL_HALF, 'barrel');
        $this->picture->line(self::LEFT_X, self::INDEX_Y, self::EDGE_X, self::INDEX_Y, 'index');
        $frame = $this->exercise->frame->nanometres / $this->exercise->instrument->unit()->nanometres();
        $range = $this->isInch ? sprintf('%d–%d in', $frame, $frame + 1) : sprintf('%d–%d mm', $frame, $frame + 25);
        $this->picture->text(
            self::LEFT_X,
            46,
            $this->exercise->instrument->readsCoveredLines() ? ($this->isInch ? '0–1 in' : '0–25 mm') : $range,
            'frame',
            'frame',
        );
    }

    /** Lines stand as far from the edge as they are from what is shown; a depth micrometer covers those that it has passed. */
    private function barrel(): void
    {
        $shown = $this->exercise->shown->nanometres;
        $isCovering = $this->exercise->instrument->readsCoveredLines();
        $room = intdiv(self::EDGE_X - self::LEFT_X, self::LINE_X);
        $first = $isCovering ? intdiv($shown, $this->line) + 1 : max(0, intdiv($shown, $this->line) - $room + 1);
        $last = $isCovering ? $first + $room - 1 : intdiv($shown, $this->line);
        for ($number = $first; $number <= $last; $number++) {
            $x = self::EDGE_X - (abs($shown - $number * $this->line) / $this->line) * self::LINE_X;
            $this->barrelLine($x, $number, $isCovering ? $number === $first : $number === $last);
        }
    }

    /** Inches: every fourth line is a numbered tenth. Millimetres: every tenth half is numbered, and halves are short, or stand below. */
    private function barrelLine(float $x, int $number, bool $isRead): void
    {
        $each = $this->isInch ? 4 : 10;
        $isNumbered = $number % $each === 0;
        $isHalf = ! $this->isInch && $number % 2 === 1;
        // A vernier has the side above the index for itself.
        $hasVernier = $this->exercise->instrument->thimbleDivision() !== null;
        $way = $isHalf || $hasVernier ? 1 : -1;
        $length = match (true) {
            $isNumbered => 42,
            $isHalf && $hasVernier => 14,
            default => 26,
        };
        $isLastNumber = $isNumbered && intdiv($number, $each) === intdiv(intdiv($this->exercise->shown->nanometres, $this->line), $each);
        $step = $isLastNumber ? 'numbered' : ($isRead ? 'line' : '');
        $this->picture->line($x, self::INDEX_Y, $x, self::INDEX_Y + $way * $length, 'mark', $step, 'barrel '.$number * $this->line);
        if ($isNumbered) {
            $label = (string) ($this->isInch ? intdiv($number, 4) : intdiv($number, 2));
            $this->picture->text($x, self::INDEX_Y + ($way === 1 ? 60 : -48), $label, 'number', $step);
        }
    }

    private function thimble(): void
    {
        $this->picture->path(
            sprintf('M%d %dl26 -26h330v%dh-330l-26 -26z', self::EDGE_X, self::INDEX_Y - self::THIMBLE_HALF, 2 * self::THIMBLE_HALF + 52),
            'thimble',
        );
        $shown = $this->exercise->shown->nanometres;
        $turn = (($shown % $this->line) / $this->line) * $this->divisions;
        $way = $this->exercise->instrument->readsCoveredLines() ? -1 : 1;
        for ($step = -self::SEEN_DIVISIONS; $step <= self::SEEN_DIVISIONS; $step++) {
            $division = (int) floor($turn) + $step;
            $number = (($division % $this->divisions) + $this->divisions) % $this->divisions;
            $y = self::INDEX_Y - $way * ($division - $turn) * self::DIVISION_Y;
            if (abs($y - self::INDEX_Y) > self::THIMBLE_HALF - 4) {
                continue;
            }
            $isNumbered = $number % 5 === 0;
            $isRead = $step === 0;
            $this->picture->line(
                self::EDGE_X,
                $y,
                self::EDGE_X + ($isNumbered ? 48 : 32),
                $y,
                'mark',
                $isRead ? 'thimble' : '',
                "thimble {$number}",
            );
            if ($isNumbered) {
                $this->picture->text(self::EDGE_X + 66, $y + 6, (string) $number, 'number left', $isRead ? 'thimble' : '');
            }
        }
    }

    /** Ten lines on nine divisions: the one that meets a line of the thimble is the last digit. */
    private function vernier(): void
    {
        $shown = $this->exercise->shown->nanometres;
        $division = $this->exercise->instrument->thimbleDivision()->nanometres ?? 1;
        $meets = intdiv($shown % $division, intdiv($division, self::VERNIER_LINES));
        for ($number = 0; $number <= self::VERNIER_LINES; $number++) {
            $y = self::INDEX_Y - $number * self::DIVISION_Y * 0.9;
            $this->vernierLine($y, $number, $number === $meets);
        }
    }

    private function vernierLine(float $y, int $number, bool $meets): void
    {
        $this->picture->line(self::EDGE_X - 92, $y, self::EDGE_X, $y, 'mark vernier', $meets ? 'vernier' : '', "vernier {$number}");
        if ($number === 0) {
            return;
        }
        $this->picture->text(
            self::EDGE_X - 104,
            $y + 5,
            (string) ($number % self::VERNIER_LINES),
            'number small right',
            $meets ? 'vernier' : '',
        );
    }
}
