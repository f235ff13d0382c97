<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** An instrument that shows a value, both from a seed: the same seed shows everybody the same (PRAC-1). */
final readonly class Exercise
{
    /** How many lines a barrel or a beam shows from its beginning. */
    private const INCH_LINES = 40;

    private const METRIC_LINES = 50;

    /** So many of the divisions within a line count as just past, or just before it. */
    private const NARROW = 3;

    /** Blades of the pack, in thousandths of an inch. */
    private const BLADES = [2, 3, 4, 5, 6, 8, 10, 12, 15, 18, 20, 25];

    /** Of the range of its frame, in inches or in twenty-five millimetres. */
    private const MOST_FRAME = 5;

    /**
     * @param  Length  $shown  Beyond what the frame measures from; with its sign on a dial about zero
     * @param  Length  $frame  Where the range of the frame begins
     * @param  list<Length>  $blades  Of a feeler stack
     */
    private function __construct(
        public ReadInstrument $instrument,
        public Spot $spot,
        public int $seed,
        public Length $shown,
        public Length $frame,
        public array $blades,
    ) {
    }

    public static function of(ReadInstrument $instrument, Spot $spot, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $blades = $instrument === ReadInstrument::FeelerStack ? self::blades($spot, $chance) : [];
        $shown = match (true) {
            $blades !== [] => array_reduce($blades, static fn (Length $sum, Length $blade): Length => $sum->plus($blade), Length::zero()),
            $instrument->isAboutZero() => self::aboutZero($instrument, $spot, $chance),
            $instrument->hasDial() => self::onDial($instrument, $spot, $chance),
            default => self::onLines($instrument, $spot, $chance),
        };
        $hasFrame = $instrument->hasBarrel() && ! $instrument->readsCoveredLines();
        $inches = $hasFrame ? $chance->getInt(0, self::MOST_FRAME) : 0;

        return new self($instrument, $spot, $seed, $shown, Length::ofNanometres($inches * self::frameStep($instrument)), $blades);
    }

    /** What a right answer says: the range of the frame, and what is beyond it. */
    public function reading(): Length
    {
        return $this->frame->plus($this->shown);
    }

    public function verdictOn(Length $answer): ReadingVerdict
    {
        return ShownReading::on($this->instrument, $this->reading(), $this->instrument->revolution())->verdictOn($answer);
    }

    private static function frameStep(ReadInstrument $instrument): int
    {
        return $instrument->unit()->nanometres() * ($instrument->unit() === LengthUnit::Inch ? 1 : 25);
    }

    private static function onLines(ReadInstrument $instrument, Spot $spot, Randomizer $chance): Length
    {
        $line = $instrument->barrelLine()->nanometres ?? 0;
        $most = $instrument->unit() === LengthUnit::Inch ? self::INCH_LINES : self::METRIC_LINES;
        $step = $instrument->resolution()->nanometres;
        $steps = intdiv($line, $step);
        $lines = match (true) {
            $spot !== Spot::HalfLine => $chance->getInt(2, $most - 1),
            $instrument->unit() === LengthUnit::Inch => 4 * $chance->getInt(0, intdiv($most, 4) - 1) + 3,
            default => 2 * $chance->getInt(1, intdiv($most, 2) - 1) + 1,
        };
        $narrow = max(1, intdiv($steps * self::NARROW, 25));
        $rest = match ($spot) {
            Spot::JustPast => $chance->getInt(1, $narrow),
            Spot::JustBefore => $steps - $chance->getInt(1, $narrow),
            Spot::Vernier => 10 * $chance->getInt(2, intdiv($steps, 10) - 3) + $chance->getInt(3, 7),
            default => $chance->getInt($narrow + 1, $steps - $narrow - 1),
        };

        return Length::ofNanometres($lines * $line + $rest * $step);
    }

    private static function aboutZero(ReadInstrument $instrument, Spot $spot, Randomizer $chance): Length
    {
        $step = $instrument->resolution()->nanometres;
        $half = intdiv($instrument->revolution()->nanometres ?? 0, 2 * $step);
        $steps = $spot === Spot::NearZero ? $chance->getInt(1, 3) * ($chance->getInt(0, 1) * 2 - 1) : $chance->getInt(4, $half - 2);

        return Length::ofNanometres($step * ($spot === Spot::Smaller ? -$steps : $steps));
    }

    private static function onDial(ReadInstrument $instrument, Spot $spot, Randomizer $chance): Length
    {
        $step = $instrument->resolution()->nanometres;
        $turn = intdiv($instrument->revolution()->nanometres ?? 0, $step);
        $rest = match ($spot) {
            Spot::JustPast => $chance->getInt(1, 4),
            Spot::JustBefore => $turn - $chance->getInt(1, 4),
            default => $chance->getInt(8, $turn - 8),
        };

        return Length::ofNanometres($step * ($turn * $chance->getInt(1, 8) + $rest));
    }

    /** @return list<Length> */
    private static function blades(Spot $spot, Randomizer $chance): array
    {
        $picked = $chance->pickArrayKeys(self::BLADES, $spot === Spot::ThreeBlades ? 3 : 2);

        return array_map(static fn (int $key): Length => Length::ofNanometres(self::BLADES[$key] * 25_400), $picked);
    }
}
