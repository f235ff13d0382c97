<?php

declare(strict_types=1);

namespace App\Drawings\Faces;

use NorthLedger\Core\Engine\Specification\CrackZone;

/** One shape of a drawn face, with the zone a mark on it would lie in; coordinates are finished strings. */
final readonly class FacePiece
{
    /** @param  array<string, string>  $attributes  Of the SVG element */
    private function __construct(
        public string $tag,
        public array $attributes,
        public string $class,
        public ?CrackZone $zone = null,
        public ?int $cylinder = null,
        public string $text = '',
    ) {
    }

    public static function circle(float $x, float $y, float $radius, string $class): self
    {
        return new self('circle', self::numbers(['cx' => $x, 'cy' => $y, 'r' => $radius]), $class);
    }

    public static function rect(float $left, float $top, float $right, float $bottom, string $class, float $corner = 0): self
    {
        return new self(
            'rect',
            self::numbers(['x' => $left, 'y' => $top, 'width' => $right - $left, 'height' => $bottom - $top, 'rx' => $corner]),
            $class,
        );
    }

    public static function path(string $d, string $class): self
    {
        return new self('path', ['d' => $d], $class);
    }

    public static function label(float $x, float $y, string $text): self
    {
        return new self('text', self::numbers(['x' => $x, 'y' => $y]), 'face-number', text: $text);
    }

    public function in(CrackZone $zone, ?int $cylinder = null): self
    {
        return new self($this->tag, $this->attributes, $this->class, $zone, $cylinder, $this->text);
    }

    /**
     * @param  array<string, float>  $numbers
     * @return array<string, string>
     */
    private static function numbers(array $numbers): array
    {
        return array_map(static fn (float $number): string => rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.'), $numbers);
    }
}
