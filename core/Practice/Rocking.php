<?php

declare(strict_types=1);

namespace NorthLedger\Core\Practice;

use NorthLedger\Core\Quantity\Length;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A bore gauge that is rocked in a bore: only where it stands square is the bore as small as it shows (PRAC-1). */
final readonly class Rocking
{
    /** How far it can be tilted to either side of the middle. */
    public const MOST_TILT = 20;

    /** Square it stands somewhere, but never at the ends. */
    private const MOST_TURN = 12;

    /** What a tilt of one adds, times its square. */
    private const LEAST_NM = 700;

    private const MOST_NM = 1_400;

    private const STEPS = 10;

    /** @param  int  $turn  The tilt at which it stands square */
    private function __construct(public int $seed, public Length $reading, private int $turn, private int $nanometres)
    {
    }

    public static function of(int $seed): self
    {
        $chance = new Randomizer(new Mt19937($seed));
        $step = ReadInstrument::DialBoreGauge->resolution()->nanometres;

        return new self(
            $seed,
            Length::ofNanometres($step * $chance->getInt(-self::STEPS, self::STEPS)),
            $chance->getInt(-self::MOST_TURN, self::MOST_TURN),
            $chance->getInt(self::LEAST_NM, self::MOST_NM),
        );
    }

    /** What it shows at a tilt: longer on either side of the turning point. */
    public function at(int $tilt): Length
    {
        return $this->reading->plus(Length::ofNanometres($this->nanometres * ($tilt - $this->turn) ** 2));
    }

    /** @return array<int, Length> By tilt */
    public function all(): array
    {
        $shown = [];
        foreach (range(-self::MOST_TILT, self::MOST_TILT) as $tilt) {
            $shown[$tilt] = $this->at($tilt);
        }

        return $shown;
    }

    /** Right at the turning point alone; the sign can be the wrong way round there as well. */
    public function verdictOn(Length $answer): ReadingVerdict
    {
        return match (true) {
            $answer->equals($this->reading) => ReadingVerdict::Right,
            $answer->equals($this->reading->negated()) => ReadingVerdict::Sign,
            default => ReadingVerdict::Wrong,
        };
    }
}
