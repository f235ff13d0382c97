<?php

declare(strict_types=1);

namespace App\Stages\Cracks;

use App\Words\Line;
use NorthLedger\Core\Features\Cracks\PressureReading;
use NorthLedger\Core\Features\Cracks\PressureState;
use NorthLedger\Core\Quantity\PressureUnit;

/** Says how a pressure test read (CRACK-6). */
final class PressureWords
{
    /** “Coolant side: tight. From 20 to 19.8 psi in 30 min.” */
    public static function of(PressureReading $reading, PressureUnit $unit): string
    {
        $allowed =
            $reading->state() === PressureState::Tight
                ? '.'
                : Line::of('cracks.pressure.allowed', [
                    'drop' => $unit->shown($reading->test->allowedDrop),
                    'minutes' => sprintf('%g', $reading->test->minutes),
                    'from' => $unit->shown($reading->test->kilopascals),
                ]);

        return Line::of('cracks.pressure.read', [
            'circuit' => ucfirst($reading->test->circuit),
            'state' => $reading->state()->value,
            'from' => (string) $unit->fromKilopascals($reading->beginKilopascals),
            'to' => $unit->shown($reading->endKilopascals),
            'minutes' => (int) round($reading->minutes),
            'leaks' => Line::counted('cracks.pressure.leaks', $reading->leaks),
        ]).$allowed;
    }
}
