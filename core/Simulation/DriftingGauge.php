<?php

declare(strict_types=1);

namespace NorthLedger\Core\Simulation;

use NorthLedger\Core\Engine\Specification\SpecificationSheet;
use NorthLedger\Core\Gauging\Instrument;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The bore gauge of a simulated block: it scatters, and it may lose its zero after a while (PRAC-2). One seed, one course of readings. */
final readonly class DriftingGauge
{
    private const DIVISIONS_IN_A_LIMIT = 4;

    /** Readings that it holds its zero for, at the least and at the most. */
    public const HOLDS_FOR = [4, 9];

    /** What it loses with each one after. */
    private const DRIFT_NM = 4_000;

    private const SCATTER_NM = 1_500;

    private const MOST_SCATTERS = 3;

    /** @param  ?int  $holdsFor  So many readings; null: for good */
    public function __construct(
        public InstrumentKind $kind,
        private Length $zero,
        private int $seed,
        private ?int $holdsFor,
    ) {
    }

    /** The coarsest one that can tell the form that a family allows (GAUGE-9). */
    public static function kindFor(SpecificationSheet $sheet): InstrumentKind
    {
        $form = $sheet->bore->service->outOfRound->nanometres ?? 0;

        return match (true) {
            $sheet->unit === LengthUnit::Inch => InstrumentKind::BoreGaugeHalfThou,
            $form < self::DIVISIONS_IN_A_LIMIT * Instrument::ofKind(InstrumentKind::BoreGaugeHundredth)->resolution->nanometres
                => InstrumentKind::BoreGaugeTwoMicrometres,
            default => InstrumentKind::BoreGaugeHundredth,
        };
    }

    /** How much larger than its zero a bore can be before the hand has gone round; some divisions are left for what it is off. */
    public function halfTurn(): Length
    {
        $divisions = $this->kind === InstrumentKind::BoreGaugeHalfThou ? 18 : 48;

        return Length::ofNanometres($divisions * $this->explained()->nanometres);
    }

    /** What a hand scatters by: with the rounding of its dial never more than a division in all. */
    private function scatter(): int
    {
        return min(self::SCATTER_NM, intdiv($this->explained()->nanometres, 2 * self::MOST_SCATTERS + 1));
    }

    /** What a reading can be off by, and nobody is to blame: a division of its dial (GAUGE-5). */
    public function explained(): Length
    {
        return Instrument::ofKind($this->kind)->resolution;
    }

    /** The most that it shows otherwise than the size is, while it holds its zero. */
    public function most(): Length
    {
        return $this->explained()->half()->plus(Length::ofNanometres(self::MOST_SCATTERS * $this->scatter()));
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
            Instrument::ofKind($this->kind)->resolution,
            $this->drift($sinceZero, $wasZeroedAgain),
            Length::zero(),
            Length::ofNanometres($this->scatter()),
            new Randomizer(new Mt19937($this->seed + $taken)),
        );

        return $gauge->shows($size);
    }

    /** True where it has lost its zero after so many readings, by more than it can be off otherwise. */
    public function hasDrifted(int $sinceZero, bool $wasZeroedAgain): bool
    {
        return $this->drift($sinceZero, $wasZeroedAgain)->isLargerThan($this->explained());
    }

    private function drift(int $sinceZero, bool $wasZeroedAgain): Length
    {
        return $this->holdsFor === null || $wasZeroedAgain
            ? Length::zero()
            : Length::ofNanometres(self::DRIFT_NM * max(0, $sinceZero - $this->holdsFor));
    }
}
