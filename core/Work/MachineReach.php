<?php

declare(strict_types=1);

namespace NorthLedger\Core\Work;

/** What decides whether a part goes onto a machine (LOAD-1). */
enum MachineReach: string
{
    case Bore = 'bore';
    case Stroke = 'stroke';

    /** Null where every part goes. */
    public static function of(Machine $machine): ?self
    {
        return match ($machine) {
            Machine::BoringMill, Machine::Hone => self::Bore,
            Machine::CrankGrinder, Machine::Polisher => self::Stroke,
            default => null,
        };
    }
}
