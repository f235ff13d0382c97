<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What must hold for a bore to stay at its size (BORE-6), in the order in which it is told. */
enum Criterion: string
{
    case OutOfRound = 'out_of_round';
    case Taper = 'taper';
    case Clearance = 'clearance';
    case LeastClearance = 'clearance_min';
    case Crack = 'crack';
    case Ridge = 'ridge';
    case Scoring = 'scoring';
    case Pitting = 'pitting';

    /** True for the two that a piston decides as much as its bore (BORE-6a). */
    public function isOfPiston(): bool
    {
        return $this === self::Clearance || $this === self::LeastClearance;
    }

    public function label(): string
    {
        return match ($this) {
            self::OutOfRound => 'out-of-round',
            self::LeastClearance => 'least clearance',
            default => $this->value,
        };
    }
}
