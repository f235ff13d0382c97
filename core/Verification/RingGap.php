<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

use NorthLedger\Core\Engine\Specification\LengthRange;
use NorthLedger\Core\Quantity\Length;

/** The end gap of one ring, squared in its finished bore, against the range for the bore and its use; a feeler says which leaf went in. */
final readonly class RingGap
{
    public function __construct(public string $ring, public Length $gap, public LengthRange $range)
    {
    }

    /** Its ends would butt when it is warm: they are filed. */
    public function isTight(): bool
    {
        return $this->gap->isSmallerThan($this->range->least);
    }

    /** Nothing brings it back: another ring is fitted. */
    public function isWide(): bool
    {
        return $this->gap->isLargerThan($this->range->most);
    }

    public function fits(): bool
    {
        return ! $this->isTight() && ! $this->isWide();
    }
}
