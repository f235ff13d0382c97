<?php

declare(strict_types=1);

namespace App\Practice;

/** A drawing of lines, words and shapes; each can belong to a step in which it is read. */
final class Picture
{
    /** @var list<array{x1: float, y1: float, x2: float, y2: float, class: string, step: string, mark: string}> */
    public array $lines = [];

    /** @var list<array{x: float, y: float, text: string, class: string, step: string}> */
    public array $texts = [];

    /** @var list<array{d: string, class: string, step: string}> */
    public array $paths = [];

    public function __construct(public readonly float $width, public readonly float $height)
    {
    }

    /** What it is called in the style sheet. */
    public function shape(): string
    {
        return $this->width === $this->height ? 'square' : '';
    }

    /** @param  string  $mark  What the line is on its scale, “barrel 635000”, so that a drawing can be read back */
    public function line(float $x1, float $y1, float $x2, float $y2, string $class = '', string $step = '', string $mark = ''): void
    {
        $this->lines[] = [
            'x1' => round($x1, 3),
            'y1' => round($y1, 3),
            'x2' => round($x2, 3),
            'y2' => round($y2, 3),
            'class' => $class,
            'step' => $step,
            'mark' => $mark,
        ];
    }

    public function text(float $x, float $y, string $text, string $class = '', string $step = ''): void
    {
        $this->texts[] = ['x' => round($x, 2), 'y' => round($y, 2), 'text' => $text, 'class' => $class, 'step' => $step];
    }

    public function box(float $x, float $y, float $width, float $height, string $class, string $step = ''): void
    {
        $this->path(sprintf('M%.2f %.2fh%.2fv%.2fh%.2fz', $x, $y, $width, $height, -$width), $class, $step);
    }

    public function path(string $d, string $class, string $step = ''): void
    {
        $this->paths[] = ['d' => $d, 'class' => $class, 'step' => $step];
    }
}
