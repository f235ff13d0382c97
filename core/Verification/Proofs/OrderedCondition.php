<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification\Proofs;

use NorthLedger\Core\Record\Conditions;

/** A condition under which finished work is read; a reading without it does not close the work (WORK-4). */
enum OrderedCondition: string
{
    case CapsTorqued = 'caps_torqued';
    case TorquePlate = 'torque_plate';
    case Cooled = 'cooled';
    case Clean = 'clean';

    public function isStatedIn(Conditions $conditions): bool
    {
        return match ($this) {
            self::CapsTorqued => $conditions->capsTorqued,
            self::TorquePlate => $conditions->torquePlate,
            self::Cooled => $conditions->cooled,
            self::Clean => $conditions->clean,
        };
    }
}
