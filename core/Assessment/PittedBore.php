<?php

declare(strict_types=1);

namespace NorthLedger\Core\Assessment;

use NorthLedger\Core\Features\Bores\JudgedBore;
use NorthLedger\Core\Quantity\Length;

/** A bore that would stay with its pits: how deep they are, and what a hone may take before the clearance is spent (BORE-6, BORE-6a). */
final readonly class PittedBore
{
    /**
     * @param  ?Length  $depth  Radial, of the deepest pit; null where nobody has measured it
     * @param  ?Length  $mostHone  On the diameter; null where the clearance or its limit is not known
     */
    private function __construct(public int $cylinder, public ?Length $depth, public ?Length $mostHone)
    {
    }

    /** @param  ?Length  $most  The service limit of the clearance */
    public static function of(JudgedBore $bore, ?Length $most): self
    {
        $clearance = $bore->wantsNewPiston() ? $bore->newPiston?->clearance : $bore->clearance;
        $left = $most === null || $clearance === null ? null : $most->minus($clearance);

        return new self($bore->cylinder(), $bore->inspection->wall->pitDepth, $left?->isNegative() === true ? Length::zero() : $left);
    }

    /** On the diameter, until the deepest pit is gone; null where its depth is not known. */
    public function toHoneOut(): ?Length
    {
        return $this->depth?->times(2);
    }

    /** Null while either figure is missing. */
    public function canBeHonedOut(): ?bool
    {
        $needed = $this->toHoneOut();

        return $needed === null || $this->mostHone === null ? null : ! $needed->isLargerThan($this->mostHone);
    }
}
