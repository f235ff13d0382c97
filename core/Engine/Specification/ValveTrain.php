<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum ValveTrain: string
{
    case OverheadValve = 'overhead valve';
    case OverheadCam = 'overhead cam';
    case SideValve = 'side valve';
    /** The intake valves above in the head, the exhaust valves in the block. */
    case Mixed = 'intake over exhaust';

    /** True where the seats of these valves lie in the deck, false where they lie in the head. */
    public function isInTheBlock(ValveKind $valve): bool
    {
        return $valve === ValveKind::Exhaust ? $this->hasExhaustInTheBlock() : $this->hasIntakeInTheBlock();
    }

    public function hasExhaustInTheBlock(): bool
    {
        return $this === self::SideValve || $this === self::Mixed;
    }

    public function hasIntakeInTheBlock(): bool
    {
        return $this === self::SideValve;
    }
}
