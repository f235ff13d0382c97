<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\PressureState;
use NorthLedger\Core\Quantity\PressureUnit;

/** Says how a pressure test read (CRACK-6). */
final class PressureWords
{
    /** “Coolant side: tight. From 20 to 19.8 psi in 30 min.” */
    public static function of(PressureReading $reading, PressureUnit $unit): string
    {
        return sprintf(
            '%s: %s. From %s to %s in %d min%s%s',
            ucfirst($reading->test->circuit),
            $reading->state()->value,
            $unit->fromKilopascals($reading->beginKilopascals),
            $unit->shown($reading->endKilopascals),
            (int) round($reading->minutes),
            match ($reading->leaks) {
                0 => '',
                1 => ', 1 leak seen',
                default => ", {$reading->leaks} leaks seen",
            },
            $reading->state() === PressureState::Tight
                ? '.'
                : sprintf(
                    '; allowed are %s over %g min from %s.',
                    $unit->shown($reading->test->allowedDrop),
                    $reading->test->minutes,
                    $unit->shown($reading->test->kilopascals),
                ),
        );
    }
}
