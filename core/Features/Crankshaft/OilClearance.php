<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Crankshaft;

use NorthLedger\Core\Quantity\Length;

/** What is between a journal and its shells (JRNL-8); plastic strip is a cross-check only and is not asked here. */
final readonly class OilClearance
{
    private function __construct(public Length $bearingBore, public Length $clearance)
    {
    }

    /** @param  Length  $wall  Of one shell */
    public static function fromHousing(Length $housing, Length $wall, Length $journal): self
    {
        return self::fromBearing($housing->minus($wall->times(2)), $journal);
    }

    /** A bearing bore that was measured with its shells in, caps torqued. */
    public static function fromBearing(Length $bearingBore, Length $journal): self
    {
        return new self($bearingBore, $bearingBore->minus($journal));
    }

    /** Both limits conform. */
    public function against(Length $least, Length $most): ClearanceState
    {
        return match (true) {
            $this->clearance->isSmallerThan($least) => ClearanceState::Tight,
            $this->clearance->isLargerThan($most) => ClearanceState::Loose,
            default => ClearanceState::Conforms,
        };
    }
}
