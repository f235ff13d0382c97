<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

use NorthLedger\Core\Quantity\Length;

/** A gauge put back on its master: how far it has drifted from its zero, and whether it still holds (GAUGE-3). */
final readonly class CheckBack
{
    private function __construct(public Length $drift, public bool $holds)
    {
    }

    /** A drift as large as the resolution cannot be told from none, and holds. */
    public static function of(Length $master, Length $shows, Length $resolution): self
    {
        $drift = $shows->minus($master);

        return new self($drift, ! $drift->absolute()->isLargerThan($resolution));
    }
}
