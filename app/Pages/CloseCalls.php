<?php

declare(strict_types=1);

namespace App\Pages;

use NorthLedger\Core\Finding\Finding;
use NorthLedger\Core\Finding\Outcome;
use NorthLedger\Core\Finding\PartFinding;
use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\LengthDisplay;

/** Close calls of one feature with a gauge that could not tell it anywhere are told in one line, not one for each place (GAUGE-9). */
final class CloseCalls
{
    /**
     * @param  list<PartFinding>  $findings  In the order in which they are told
     * @return list<non-empty-list<PartFinding>> Those of one line together
     */
    public static function ofParts(array $findings): array
    {
        return self::together($findings, static fn (PartFinding $finding): ?string => $finding->isBeyondItsGauge() && self::isClose($finding) ? $finding->places[0]->feature->value : null);
    }

    /**
     * @param  list<Finding>  $findings  In the order in which they are told
     * @return list<non-empty-list<Finding>> Those of one line together
     */
    public static function ofBores(array $findings): array
    {
        return self::together($findings, static fn (Finding $finding): ?string => $finding->isBeyondItsGauge() && self::isClose($finding) ? $finding->readings[0]->place->feature->value : null);
    }

    /** @param  list<string>  $criteria  Of each call, in words */
    public static function sentence(array $criteria, Uncertainty $doubt, Length $tolerance, LengthDisplay $display): string
    {
        return sprintf(
            '%d close calls that this gauge cannot settle (%s): uncertainty ±%s, tolerance %s.',
            count($criteria), implode(', ', array_unique($criteria)), $display->magnitude($doubt->expanded()), $display->magnitudeWithUnit($tolerance),
        );
    }

    private static function isClose(PartFinding|Finding $finding): bool
    {
        return $finding->outcome === Outcome::Undecided || ($finding->outcome === Outcome::Pass && $finding->isCloseCall);
    }

    /**
     * @template T of PartFinding|Finding
     *
     * @param  list<T>  $findings
     * @param  callable(T): ?string  $of  What they have in common; null for one that is told alone
     * @return list<non-empty-list<T>>
     */
    private static function together(array $findings, callable $of): array
    {
        $groups = [];
        foreach ($findings as $place => $finding) {
            $groups[$of($finding) ?? "alone {$place}"][] = $finding;
        }

        return array_values($groups);
    }
}
