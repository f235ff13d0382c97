<?php

declare(strict_types=1);

namespace NorthLedger\Core\Inspection;

use NorthLedger\Core\Engine\Places\Feature;
use NorthLedger\Core\Gauging\InstrumentKind;
use NorthLedger\Core\Quantity\Length;

/** What a place is usually read with, where nobody states it (GAUGE-1). */
final class UsualGauge
{
    /** @param  ?Length  $nominal  Of the place, where it has one: the first gauge that reaches it is taken */
    public static function of(Feature $feature, ?Length $nominal): InstrumentKind
    {
        $kinds = $feature->gauges();
        foreach ($kinds as $kind) {
            if ($nominal === null || ! $kind->showsSizes() || $kind->range()->reaches($nominal)) {
                return $kind;
            }
        }

        return $kinds[0] ?? InstrumentKind::OutsideMicrometer;
    }
}
