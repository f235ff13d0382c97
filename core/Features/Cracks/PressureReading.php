<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

use NorthLedger\Core\Engine\Specification\PressureTestSpec;

/** A pressure test read: gauge pressure at the begin and at the end, in kilopascals, and the minutes between (CRACK-6). */
final readonly class PressureReading
{
    private function __construct(
        public PressureTestSpec $test,
        public float $beginKilopascals,
        public float $endKilopascals,
        public float $minutes,
        public ?float $celsius,
        public int $leaks,
    ) {
    }

    /** @throws ImpossibleReading If a pressure is below zero, or it rose */
    public static function of(PressureTestSpec $test, float $begin, float $end, float $minutes, ?float $celsius, int $leaks): self
    {
        return match (true) {
            min($begin, $end, $minutes, $leaks) < 0 => throw ImpossibleReading::belowZero(),
            $end > $begin => throw ImpossibleReading::rose(),
            default => new self($test, $begin, $end, $minutes, $celsius, $leaks),
        };
    }

    public function drop(): float
    {
        return $this->beginKilopascals - $this->endKilopascals;
    }

    /**
     * Tight: no leak was seen and the drop over at least the wanted minutes, from at least the wanted pressure, is within what is allowed.
     */
    public function state(): PressureState
    {
        return match (true) {
            $this->leaks > 0, $this->drop() > $this->test->allowedDrop => PressureState::Leaks,
            $this->minutes < $this->test->minutes, $this->beginKilopascals < $this->test->kilopascals => PressureState::NotShown,
            default => PressureState::Tight,
        };
    }
}
