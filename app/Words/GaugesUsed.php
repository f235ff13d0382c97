<?php

declare(strict_types=1);

namespace App\Words;

use App\Storage\StatedSetup;
use NorthLedger\Core\Quantity\LengthDisplay;

/** A gauge as a certificate names it: which one, whether its calibration was due, and what its zero was set to. */
final class GaugesUsed
{
    public static function words(StatedSetup $setup, LengthDisplay $display): string
    {
        $missed = $setup->calibrationMissed();

        return self::gauge($setup).
            ($missed === null ? '' : Line::of('gauges.used.was_due', ['on' => $missed->format('j M Y')])).
            ($setup->knownZero === null ? '' : Line::of('gauges.used.zero', ['size' => $display->sizeWithUnit($setup->knownZero)]));
    }

    /** “G-02 dial bore gauge .0001” */
    public static function gauge(StatedSetup $setup): string
    {
        return ltrim("{$setup->gaugeTag} ".Labels::code($setup->instrument));
    }

    /** What its range and its worth are said of: the gauge of the register, or one of the kind. */
    public static function nameOrKind(StatedSetup $setup): string
    {
        return $setup->gaugeTag ?? ucfirst(Labels::withArticle($setup->instrument));
    }
}
