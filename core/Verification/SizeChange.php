<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Gauging\Uncertainty;
use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Record\Reading;

/** A size as it came and as it is finished. */
final readonly class SizeChange
{
    public function __construct(public Reading $before, public Reading $after)
    {
    }

    /** Larger above zero, smaller below. */
    public function growth(): Length
    {
        return $this->after->corrected->minus($this->before->corrected);
    }

    public function uncertainty(): Uncertainty
    {
        return $this->after->differenceUncertainty($this->before);
    }
}
