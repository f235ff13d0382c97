<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** How readings of one place lie about their mean (GAUGE-5, GAUGE-8); in nanometres. */
final readonly class Scatter
{
    private function __construct(public float $mean, public float $variance)
    {
    }

    /**
     * Of a sample: the squares are shared among one fewer than there are.
     *
     * @param  non-empty-list<Length>  $readings  At least two
     */
    public static function of(array $readings): self
    {
        $values = array_map(static fn (Length $length): int => $length->nanometres, $readings);
        $mean = array_sum($values) / count($values);
        $squares = array_sum(array_map(static fn (int $value): float => ($value - $mean) ** 2, $values));

        return new self($mean, $squares / (count($values) - 1));
    }

    public function deviation(): float
    {
        return sqrt($this->variance);
    }
}
