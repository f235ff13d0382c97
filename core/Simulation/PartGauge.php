<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A gauge that scatters by less than a division, as it shows what is read of a part: one seed, one course of readings. */
final readonly class PartGauge
{
    private const SCATTER_NM = 1_000;

    /** What a division scatters by at the most, as a part of it. */
    private const OF_A_DIVISION = 7;

    public function __construct(public InstrumentKind $kind, private int $seed)
    {
    }

    /** The most that it shows otherwise than the size is. */
    public function most(): Length
    {
        return $this->explained()->half()->plus(Length::ofNanometres(3 * $this->scatter()));
    }

    /**
     * In whole divisions.
     *
     * @param  int  $taken  Readings that were taken of that place before
     */
    public function shows(Length $size, int $taken): Length
    {
        $division = $this->explained();
        $gauge = new SimulatedGauge(
            Length::zero(),
            $division,
            Length::zero(),
            Length::zero(),
            Length::ofNanometres($this->scatter()),
            new Randomizer(new Mt19937($this->seed + $taken)),
        );

        return $gauge->shows($size);
    }

    private function scatter(): int
    {
        return min(self::SCATTER_NM, intdiv($this->explained()->nanometres, self::OF_A_DIVISION));
    }

    /** What a reading can be off by, and nobody is to blame: a division (GAUGE-5). */
    public function explained(): Length
    {
        return Instrument::ofKind($this->kind)->resolution;
    }
}
