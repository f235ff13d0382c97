<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

/** What must hold for a bore to stay at its size (BORE-6), in the order in which it is told. */
enum Criterion: string
{
    case OutOfRound = 'out_of_round';
    case Taper = 'taper';
    case Clearance = 'clearance';
    case Crack = 'crack';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';

    public function label(): string
    {
        return $this === self::OutOfRound ? 'out-of-round' : $this->value;
    }
}
