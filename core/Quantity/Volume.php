<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/** A volume in cubic millimetres, as a decimal number (QTY-6); below zero where metal takes room away. */
final readonly class Volume
{
    private function __construct(public float $cubicMillimetres)
    {
    }

    public static function ofCubicMillimetres(float $volume): self
    {
        return new self($volume);
    }

    public static function ofCylinder(Length $diameter, Length $height): self
    {
        return new self((M_PI / 4) * self::millimetres($diameter) ** 2 * self::millimetres($height));
    }

    public function plus(self $other): self
    {
        return new self($this->cubicMillimetres + $other->cubicMillimetres);
    }

    public function minus(self $other): self
    {
        return new self($this->cubicMillimetres - $other->cubicMillimetres);
    }

    public function isPositive(): bool
    {
        return $this->cubicMillimetres > 0;
    }

    private static function millimetres(Length $length): float
    {
        return $length->nanometres / Length::NANOMETRES_PER_MILLIMETRE;
    }
}
