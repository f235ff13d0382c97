<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/** What is read or looked at on one cylinder. */
enum Feature: string
{
    case Bore = 'bore';
    case Piston = 'piston';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';
    case Crack = 'crack';
    case Trace = 'trace';
    case Wall = 'wall';
    case PitDepth = 'pit';
    case PistonWeight = 'weight';

    /** True where a length or a mass is read; false where a look is recorded in words. */
    public function isMeasured(): bool
    {
        return $this->isGauged() || in_array($this, [self::Trace, self::Wall, self::PitDepth, self::PistonWeight], true);
    }

    /** True where the reading belongs to a stated gauge and its zero. */
    public function isGauged(): bool
    {
        return $this === self::Bore || $this === self::Piston;
    }
}
