<?php

declare(strict_types=1);

namespace NorthLedger\Core\Quantity;

/**
 * Shows lengths the way the trade writes them (QTY-5): inch sizes with four decimals (five where the
 * value has five), deviations in thou to a tenth; millimetre sizes with three decimals, deviations in µm.
 * Rounds half away from zero, and only here.
 */
final readonly class LengthDisplay
{
    private const MINUS = "\u{2212}";

    private function __construct(private LengthUnit $unit)
    {
    }

    public static function in(LengthUnit $unit): self
    {
        return new self($unit);
    }

    public function unit(): LengthUnit
    {
        return $this->unit;
    }

    /** A size without its unit: “3.8125”, “103.000”. */
    public function size(Length $length): string
    {
        if ($this->unit === LengthUnit::Millimetre) {
            return $this->fixed($length->nanometres, 1_000, 3);
        }

        return $length->nanometres % 2_540 !== 0 && $length->nanometres % 254 === 0
            ? $this->fixed($length->nanometres, 254, 5)
            : $this->fixed($length->nanometres, 2_540, 4);
    }

    /** A size that was computed, to what a gauge shows: “12.4653 in”. */
    public function gaugedSize(Length $length): string
    {
        $isInch = $this->unit === LengthUnit::Inch;

        return $this->fixed($length->nanometres, $isInch ? 2_540 : 1_000, $isInch ? 4 : 3)." {$this->unit->value}";
    }

    /** A size that was computed, to a tenth of what a gauge shows, where it has that: “108.0027”, “4.25105”, “3.8285”. */
    public function finerSize(Length $length): string
    {
        $isInch = $this->unit === LengthUnit::Inch;
        [$grain, $finer] = $isInch ? [2_540, 254] : [1_000, 100];

        return Length::divideRounded($length->nanometres, $finer) % intdiv($grain, $finer) === 0
            ? $this->size($length)
            : $this->fixed($length->nanometres, $finer, $isInch ? 5 : 4);
    }

    /** A size with its unit: “3.8125 in”, “103.000 mm”. */
    public function sizeWithUnit(Length $length): string
    {
        return $this->size($length).' '.$this->unit->value;
    }

    /** A signed deviation without its unit: “+3.1”, “−0.4”, “+120”, “0.0”. */
    public function deviation(Length $length): string
    {
        $magnitude = $this->magnitude($length);

        return match (true) {
            trim($magnitude, '0.') === '' => $magnitude,
            $length->isNegative() => self::MINUS.$magnitude,
            default => '+'.$magnitude,
        };
    }

    /** A difference without its sign and unit: “4.4”, “120”. */
    public function magnitude(Length $length): string
    {
        $nanometres = abs($length->nanometres);

        return $this->unit === LengthUnit::Inch ? $this->fixed($nanometres, 2_540, 1) : $this->fixed($nanometres, 1_000, 0);
    }

    /** The least difference that can be shown and is not below this one: what is named as a limit still passes. */
    public function notBelow(Length $length): Length
    {
        $grain = $this->unit === LengthUnit::Inch ? 2_540 : 1_000;

        return Length::ofNanometres((int) ceil($length->nanometres / $grain) * $grain);
    }

    /** What a gauge is worth, one decimal finer than a deviation, with its unit: “0.05 thou”, “1.3 µm”. */
    public function fine(Length $length): string
    {
        return ($this->unit === LengthUnit::Inch
            ? $this->fixed(abs($length->nanometres), 254, 2)
            : $this->fixed(abs($length->nanometres), 100, 1)).
            ' '.
            $this->deviationUnit();
    }

    /** A difference with its unit: “4.4 thou”, “120 µm”. */
    public function magnitudeWithUnit(Length $length): string
    {
        return $this->magnitude($length).' '.$this->deviationUnit();
    }

    public function deviationUnit(): string
    {
        return $this->unit === LengthUnit::Inch ? 'thou' : 'µm';
    }

    /** An offered size step as it is called: “standard”, “+.030”, “+0.50”. */
    public function step(Length $step): string
    {
        if ($step->isZero()) {
            return 'standard';
        }
        $sign = $step->isNegative() ? self::MINUS : '+';
        $nanometres = abs($step->nanometres);

        return $sign.
            ($this->unit === LengthUnit::Inch ? ltrim($this->fixed($nanometres, 25_400, 3), '0') : $this->fixed($nanometres, 10_000, 2));
    }

    /** @param  positive-int  $grain  Nanometres of the last decimal shown */
    private function fixed(int $nanometres, int $grain, int $decimals): string
    {
        $digits = (string) Length::divideRounded(abs($nanometres), $grain);
        if ($decimals > 0) {
            $digits = str_pad($digits, $decimals + 1, '0', STR_PAD_LEFT);
            $digits = substr($digits, 0, -$decimals).'.'.substr($digits, -$decimals);
        }

        return ($nanometres < 0 && trim($digits, '0.') !== '' ? self::MINUS : '').$digits;
    }
}
