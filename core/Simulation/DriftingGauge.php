<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The bore gauge of a simulated block: it scatters, and it may lose its zero after a while (PRAC-2). One seed, one course of readings. */
final readonly class DriftingGauge
{
    public const KIND = InstrumentKind::BoreGaugeHalfThou;

    /** Readings that it holds its zero for, at the least and at the most. */
    public const HOLDS_FOR = [4, 9];

    /** What it loses with each one after. */
    private const DRIFT_NM = 4_000;

    private const SCATTER_NM = 1_500;

    private const MOST_SCATTERS = 3;

    /** @param  ?int  $holdsFor  So many readings; null: for good */
    public function __construct(private Length $zero, private int $seed, private ?int $holdsFor)
    {
    }

    /** What a reading can be off by, and nobody is to blame: a division of its dial (GAUGE-5). */
    public static function explained(): Length
    {
        return Instrument::ofKind(self::KIND)->resolution;
    }

    /** The most that it shows otherwise than the size is, while it holds its zero. */
    public static function most(): Length
    {
        return self::explained()->half()->plus(Length::ofNanometres(self::MOST_SCATTERS * self::SCATTER_NM));
    }

    /**
     * The deviation from its zero that it shows for a size, in whole divisions of its dial.
     *
     * @param  int  $taken  Readings that were taken before this one
     * @param  int  $sinceZero  Of them, since its zero was set
     * @param  bool  $wasZeroedAgain  A zero that was set again is held
     */
    public function shows(Length $size, int $taken, int $sinceZero, bool $wasZeroedAgain): Length
    {
        $gauge = new SimulatedGauge(
            $this->zero,
            Instrument::ofKind(self::KIND)->resolution,
            $this->drift($sinceZero, $wasZeroedAgain),
            Length::zero(),
            Length::ofNanometres(self::SCATTER_NM),
            new Randomizer(new Mt19937($this->seed + $taken)),
        );

        return $gauge->shows($size);
    }

    /** True where it has lost its zero after so many readings, by more than it can be off otherwise. */
    public function hasDrifted(int $sinceZero, bool $wasZeroedAgain): bool
    {
        return $this->drift($sinceZero, $wasZeroedAgain)->isLargerThan(self::explained());
    }

    private function drift(int $sinceZero, bool $wasZeroedAgain): Length
    {
        return $this->holdsFor === null || $wasZeroedAgain
            ? Length::zero()
            : Length::ofNanometres(self::DRIFT_NM * max(0, $sinceZero - $this->holdsFor));
    }
}
