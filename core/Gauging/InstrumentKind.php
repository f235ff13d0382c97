<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

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

    /** True where a size lies in the range of an ordinary set of this kind (QTY-4); ends included. */
    public function reaches(Length $size): bool
    {
        [$least, $most] = match ($this) {
            self::OutsideMicrometer, self::DigitalCaliper => [0, 152_400_000],
            self::BoreGaugeTenth, self::BoreGaugeHalfThou => [50_800_000, 152_400_000],
            self::TelescopingGauge => [7_937_500, 152_400_000],
            self::InsideMicrometer => [50_800_000, 304_800_000],
        };

        return $size->nanometres >= $least && $size->nanometres <= $most;
    }

    /** True where it can be used inside a bore. */
    public function readsBores(): bool
    {
        return $this !== self::OutsideMicrometer;
    }
}
