<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Quantity\Length;
use Random\Randomizer;

/** A bore gauge of known error: a zero that is off, a drift with every reading, and a scatter; it shows whole steps of its resolution. */
final class SimulatedGauge
{
    private int $taken = 0;

    /**
     * @param  Length  $zeroError  What it shows at its zero
     * @param  Length  $driftPerReading  What each reading adds to that
     * @param  Length  $scatter  Standard deviation
     *
     * @throws SimulationException If the scatter is below zero, or the resolution not above it
     */
    public function __construct(
        private readonly Length $zero,
        private readonly Length $resolution,
        private readonly Length $zeroError,
        private readonly Length $driftPerReading,
        private readonly Length $scatter,
        private readonly Randomizer $chance,
    ) {
        $scatter->isNegative() && throw SimulationException::negative('scatter', $scatter->nanometres);
        $resolution->isPositive() || throw SimulationException::negative('resolution', $resolution->nanometres);
    }

    /** The deviation from its zero that it shows for a size. */
    public function shows(Length $size): Length
    {
        $off =
            $this->zeroError->nanometres +
            $this->driftPerReading->nanometres * $this->taken++ +
            $this->scatter->nanometres * $this->normal();
        $steps = ($size->nanometres - $this->zero->nanometres + $off) / $this->resolution->nanometres;

        return Length::ofNanometres((int) round($steps) * $this->resolution->nanometres);
    }

    private function normal(): float
    {
        // Two even chances make a normal one; the first may not be nothing.
        $radius = sqrt(-2 * log($this->chance->getInt(1, PHP_INT_MAX) / PHP_INT_MAX));

        return $radius * cos((2 * M_PI * $this->chance->getInt(0, PHP_INT_MAX)) / PHP_INT_MAX);
    }
}
