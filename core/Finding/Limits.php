<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Gauging\Measurand;
use NorthLedger\Core\Quantity\Length;

/** From the least to the most, both allowed; open at an end where there is no limit, and at both where none is known. */
final readonly class Limits
{
    private function __construct(public ?Amount $least, public ?Amount $most)
    {
    }

    /** @param  ?LengthRange  $range  Null where nobody knows it */
    public static function range(?LengthRange $range, Measurand $measurand = Measurand::Size): self
    {
        return $range === null
            ? self::unknown()
            : new self(Amount::of($measurand, $range->least->nanometres), Amount::of($measurand, $range->most->nanometres));
    }

    public static function atMost(?Amount $most): self
    {
        return new self(null, $most);
    }

    public static function atMostLength(?Length $most): self
    {
        return new self(null, $most === null ? null : Amount::distance($most));
    }

    public static function atLeastLength(?Length $least): self
    {
        return new self($least === null ? null : Amount::distance($least), null);
    }

    public static function between(?Amount $least, ?Amount $most): self
    {
        return new self($least, $most);
    }

    /** Of what nobody knows the limits of. */
    public static function unknown(): self
    {
        return new self(null, null);
    }

    public function areKnown(): bool
    {
        return $this->least !== null || $this->most !== null;
    }

    /** The width of the range, or the limit itself where there is only one (GAUGE-9); null where none is known. */
    public function tolerance(): ?Length
    {
        return match (true) {
            $this->most === null => $this->least?->length(),
            $this->least === null => $this->most->length(),
            default => $this->most->minus($this->least)->length(),
        };
    }

    /** How far a value is inside the nearer limit; below zero outside, null where no limit is known. */
    public function margin(Amount $value): ?Amount
    {
        $margins = [];
        if ($this->least !== null) {
            $margins[] = $value->minus($this->least);
        }
        if ($this->most !== null) {
            $margins[] = $this->most->minus($value);
        }
        usort($margins, static fn (Amount $a, Amount $b): int => $a->value <=> $b->value);

        return $margins[0] ?? null;
    }
}
