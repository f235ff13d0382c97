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

    /** True where a length is read; false where a look is recorded in words. */
    public function isMeasured(): bool
    {
        return $this === self::Bore || $this === self::Piston;
    }
}
