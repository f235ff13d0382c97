<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

/** The kinds of instrument with built-in defaults (GAUGE-1). */
enum InstrumentKind: string
{
    case OutsideMicrometer = 'outside micrometer';
    case BoreGaugeTenth = 'dial bore gauge .0001';
    case BoreGaugeHalfThou = 'dial bore gauge .0005';
    case TelescopingGauge = 'telescoping gauge with micrometer';
    case InsideMicrometer = 'inside micrometer';
    case DigitalCaliper = 'digital caliper';

    /** True where it shows sizes, false where it shows deviations from its zero (QTY-3). */
    public function showsSizes(): bool
    {
        return ! in_array($this, [self::BoreGaugeTenth, self::BoreGaugeHalfThou], true);
    }

    /** True where it can be used inside a bore. */
    public function readsBores(): bool
    {
        return $this !== self::OutsideMicrometer;
    }
}
