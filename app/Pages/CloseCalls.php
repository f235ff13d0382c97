<?php

declare(strict_types=1);

namespace App\Pages;

use App\Words\Line;
use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Close calls of one feature with a gauge that could not tell it anywhere are told in one line, not one for each place (GAUGE-9). */
final class CloseCalls
{
    /**
     * @param  list<Finding>  $findings  In the order in which they are told
     * @return list<non-empty-list<Finding>> Those of one line together
     */
    public static function together(array $findings): array
    {
        $groups = [];
        foreach ($findings as $index => $finding) {
            $isOneOfMany = $finding->isBeyondItsGauge() && self::isClose($finding);
            $groups[$isOneOfMany ? $finding->places[0]->feature->value : "alone {$index}"][] = $finding;
        }

        return array_values($groups);
    }

    /** @param  list<string>  $criteria  Of each call, in words */
    public static function sentence(array $criteria, Uncertainty $doubt, Length $tolerance, LengthDisplay $display): string
    {
        return Line::of('findings.close_calls.sentence', [
            'count' => count($criteria),
            'criteria' => implode(', ', array_unique($criteria)),
            'doubt' => $display->magnitude($doubt->expanded()),
            'tolerance' => $display->magnitudeWithUnit($tolerance),
        ]);
    }

    private static function isClose(Finding $finding): bool
    {
        return $finding->outcome === Outcome::Undecided || ($finding->outcome === Outcome::Pass && $finding->isCloseCall);
    }
}
