<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthUnit;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A dial bore gauge that is made ready for a bore: extension and washer that reach it, and the micrometer between whose faces its zero is
 * set (PRAC-1).
 */
final readonly class GaugeSetting
{
    /** Smallest and largest bore, extensions from one to the next, washers, all in grains of the micrometer. */
    private const SETS = [
        'in' => ['grain' => 2_540, 'least' => 25_000, 'most' => 49_000, 'extensions' => 2_000, 'washers' => 400, 'loose' => 80],
        'mm' => ['grain' => 1_000, 'least' => 65_000, 'most' => 124_000, 'extensions' => 5_000, 'washers' => 1_000, 'loose' => 200],
    ];

    private const WASHERS = 5;

    private const EXTENSIONS_SHOWN = 4;

    /**
     * @param  Length  $wanted  The size of the bore that it is set for
     * @param  list<Length>  $extensions  To choose from, the shortest first
     * @param  list<Length>  $washers  To choose from; the first is none
     */
    private function __construct(
        public int $seed,
        public LengthUnit $unit,
        public Length $wanted,
        public array $extensions,
        public array $washers,
        public Length $extension,
        public Length $washer,
    ) {
    }

    public static function of(LengthUnit $unit, int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $set = self::SETS[$unit->value];
        $wanted = $chance->getInt($set['least'], $set['most']);
        // The contact has to be pressed in by more than a little, and by no more than a washer beyond that.
        $free = intdiv($wanted + $set['loose'], $set['washers']) * $set['washers'] + $set['washers'];
        $extension = intdiv($free, $set['extensions']) * $set['extensions'];
        $first = $extension - $set['extensions'] * $chance->getInt(0, self::EXTENSIONS_SHOWN - 1);
        $length = static fn (int $grains): Length => Length::ofNanometres($grains * $set['grain']);

        return new self(
            $seed,
            $unit,
            $length($wanted),
            array_map(
                static fn (int $index): Length => $length($first + $index * $set['extensions']),
                range(0, self::EXTENSIONS_SHOWN - 1),
            ),
            array_map(static fn (int $index): Length => $length($index * $set['washers']), range(0, self::WASHERS - 1)),
            $length($extension),
            $length($free - $extension),
        );
    }

    /** More than that the contact has to be pressed in where the bore is as wanted, or it hangs in the air. */
    public function leastPressed(): Length
    {
        $set = self::SETS[$this->unit->value];

        return Length::ofNanometres($set['loose'] * $set['grain']);
    }

    /** No more than that, or it stands on its stop. */
    public function mostPressed(): Length
    {
        $set = self::SETS[$this->unit->value];

        return Length::ofNanometres(($set['loose'] + $set['washers']) * $set['grain']);
    }

    /** By how much the contact is pressed in where the bore is as wanted; below zero it does not touch. */
    public function pressed(Length $extension, Length $washer): Length
    {
        return $extension->plus($washer)->minus($this->wanted);
    }

    public function reaches(Length $extension, Length $washer): bool
    {
        $pressed = $this->pressed($extension, $washer);

        return $pressed->isLargerThan($this->leastPressed()) && ! $pressed->isLargerThan($this->mostPressed());
    }

    /** The micrometer that its zero is set in. */
    public function micrometer(): ReadInstrument
    {
        return $this->unit === LengthUnit::Inch ? ReadInstrument::InchVernierMicrometer : ReadInstrument::MetricVernierMicrometer;
    }

    /**
     * What a micrometer stands at.
     *
     * @param  int  $frame  Where its frame begins, in whole inches or millimetres
     * @param  int  $sleeve  Lines that the thimble has laid bare
     * @param  int  $thimble  The line of the thimble at, or just below, that of the sleeve
     * @param  int  $vernier  The line of the vernier that meets one of the thimble
     */
    public function standsAt(int $frame, int $sleeve, int $thimble, int $vernier): Length
    {
        $micrometer = $this->micrometer();

        return Length::ofNanometres(
            $frame * $this->unit->nanometres() +
                $sleeve * ($micrometer->barrelLine()->nanometres ?? 0) +
                $thimble * ($micrometer->thimbleDivision()->nanometres ?? 0) +
                $vernier * $micrometer->resolution()->nanometres,
        );
    }

    /** Wrong where the gauge does not reach; else what the setting of the micrometer is worth. */
    public function verdictOn(Length $set, Length $extension, Length $washer): ReadingVerdict
    {
        return $this->reaches($extension, $washer)
            ? ShownReading::on($this->micrometer(), $this->wanted)->verdictOn($set)
            : ReadingVerdict::Wrong;
    }

    /** @return array{frame: int, sleeve: int, thimble: int, vernier: int} How the micrometer stands at the size that is wanted */
    public function lines(): array
    {
        $micrometer = $this->micrometer();
        $line = $micrometer->barrelLine()->nanometres ?? 1;
        $division = $micrometer->thimbleDivision()->nanometres ?? 1;
        $frames = $this->unit->nanometres() * ($this->unit === LengthUnit::Inch ? 1 : 25);
        $beyond = $this->wanted->nanometres % $frames;

        return [
            'frame' => intdiv($this->wanted->nanometres - $beyond, $this->unit->nanometres()),
            'sleeve' => intdiv($beyond, $line),
            'thimble' => intdiv($beyond % $line, $division),
            'vernier' => intdiv($beyond % $division, $micrometer->resolution()->nanometres),
        ];
    }
}
