<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/**
 * How a shop decides under doubt (GAUGE-6). `simple`: the limit itself conforms, and within U of it is
 * a close call. `guarded`: only 1.65·u inside conforms, only 1.65·u outside fails, between is undecided.
 */
enum DecisionRule: string
{
    case Simple = 'simple';
    case Guarded = 'guarded';

    private const GUARD = 1.65;

    public function decide(Length $value, Length $limit, LimitKind $kind, Uncertainty $uncertainty): Decision
    {
        $margin = $kind === LimitKind::Max ? $limit->minus($value) : $value->minus($limit);
        $isClose = abs($margin->nanometres) <= 2 * $uncertainty->standard;

        return match ($this) {
            self::Simple => new Decision($margin->isNegative() ? Conformity::Fails : Conformity::Conforms, $margin, $isClose),
            self::Guarded => new Decision($this->guarded($margin, self::GUARD * $uncertainty->standard), $margin, $isClose),
        };
    }

    private function guarded(Length $margin, float $guard): Conformity
    {
        return match (true) {
            $margin->nanometres >= $guard => Conformity::Conforms,
            $margin->nanometres <= -$guard => Conformity::Fails,
            default => Conformity::Undecided,
        };
    }
}
