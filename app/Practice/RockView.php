<?php

declare(strict_types=1);

namespace App\Practice;

use App\Storage\PracticeAnswer;
use NorthLedger\Core\Practice\ReadingVerdict;
use NorthLedger\Core\Practice\ReadInstrument;
use NorthLedger\Core\Practice\Rocking;
use NorthLedger\Core\Quantity\Length;

/** A gauge that is rocked, before or after it was read, ready to show. */
final readonly class RockView
{
    /**
     * @param  array<int, float>  $angles  Where the hand stands, by the tilt
     * @param  float  $first  Where it stands at first
     */
    private function __construct(
        public int $seed,
        public Picture $picture,
        public float $centre,
        public array $angles,
        public float $first,
        public int $most,
        public ?bool $isRight,
        public string $verdict,
        public string $typed,
        public string $shows,
    ) {
    }

    public static function of(Rocking $rocking, ?PracticeAnswer $answered): self
    {
        $gauge = ReadInstrument::DialBoreGauge;
        $picture = DrawnDial::face($gauge);
        $angles = array_map(static fn (Length $shown): float => round(DrawnDial::degrees($gauge, $shown), 2), $rocking->all());

        return new self(
            $rocking->seed,
            $picture,
            $picture->width / 2,
            $angles,
            $angles[-Rocking::MOST_TILT],
            Rocking::MOST_TILT,
            $answered?->isRight(),
            $answered === null ? '' : PracticeWords::mistake($gauge, ReadingVerdict::from($answered->verdict)),
            $answered === null ? '' : $answered->typed,
            PracticeWords::length($gauge, $rocking->reading),
        );
    }
}
