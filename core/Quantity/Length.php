<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/**
 * A length, or a signed difference of lengths, as a whole number of nanometres (QTY-1).
 *
 * 1 in is 25 400 000 nm, so every inch decimal to 0.00001 in, every 1/64 in and every 0.001 mm is exact.
 */
final readonly class Length
{
    public const NANOMETRES_PER_INCH = 25_400_000;

    public const NANOMETRES_PER_MILLIMETRE = 1_000_000;

    private function __construct(public int $nanometres)
    {
    }

    public static function ofNanometres(int $nanometres): self
    {
        return new self($nanometres);
    }

    public static function zero(): self
    {
        return new self(0);
    }

    /** The largest of the lengths.
     * @throws QuantityException If none is given
     */
    public static function largest(self ...$lengths): self
    {
        $all = array_column($lengths, 'nanometres');

        return $all === [] ? throw QuantityException::noLengths() : new self(max($all));
    }

    /** The smallest of the lengths.
     * @throws QuantityException If none is given
     */
    public static function smallest(self ...$lengths): self
    {
        $all = array_column($lengths, 'nanometres');

        return $all === [] ? throw QuantityException::noLengths() : new self(min($all));
    }

    /**
     * Rounded to whole nanometres, half away from zero.
     *
     * @param  non-empty-list<self>  $lengths
     */
    public static function mean(array $lengths): self
    {
        return new self(self::divideRounded(array_sum(array_column($lengths, 'nanometres')), count($lengths)));
    }

    public function plus(self $other): self
    {
        return new self($this->nanometres + $other->nanometres);
    }

    public function minus(self $other): self
    {
        return new self($this->nanometres - $other->nanometres);
    }

    public function times(int $factor): self
    {
        return new self($this->nanometres * $factor);
    }

    public function negated(): self
    {
        return new self(-$this->nanometres);
    }

    public function absolute(): self
    {
        return new self(abs($this->nanometres));
    }

    /** Half of it; half a nanometre is rounded away from zero. */
    public function half(): self
    {
        return new self(self::divideRounded($this->nanometres, 2));
    }

    public function equals(self $other): bool
    {
        return $this->nanometres === $other->nanometres;
    }

    public function isLargerThan(self $other): bool
    {
        return $this->nanometres > $other->nanometres;
    }

    public function isSmallerThan(self $other): bool
    {
        return $this->nanometres < $other->nanometres;
    }

    public function isPositive(): bool
    {
        return $this->nanometres > 0;
    }

    public function isNegative(): bool
    {
        return $this->nanometres < 0;
    }

    public function isZero(): bool
    {
        return $this->nanometres === 0;
    }

    /**
     * Whole division, half away from zero: the one rounding of lengths.
     *
     * @param  positive-int  $divisor
     */
    public static function divideRounded(int $dividend, int $divisor): int
    {
        $magnitude = intdiv(2 * abs($dividend) + $divisor, 2 * $divisor);

        return $dividend < 0 ? -$magnitude : $magnitude;
    }
}
