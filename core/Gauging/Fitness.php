<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** Whether a gauge is fit for a tolerance: its U at most a quarter of it, at most a half, or more (GAUGE-9). */
enum Fitness: string
{
    case Fit = 'fit';
    case Limited = 'limited';
    case Unfit = 'unfit';

    /** @param  Length  $tolerance  Width of a range, or the limit itself where there is only one; zero or below is beyond any gauge */
    public static function of(Uncertainty $doubt, Length $tolerance): self
    {
        return match (true) {
            2 * $doubt->standard <= $tolerance->nanometres / 4 => self::Fit,
            2 * $doubt->standard <= $tolerance->nanometres / 2 => self::Limited,
            default => self::Unfit,
        };
    }
}
