<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

use NorthLedger\Core\Quantity\Length;
use NorthLedger\Core\Quantity\Roughness;

/** What seals between block and head, and what it forgives where the specification says nothing else (DECK-5). */
enum GasketKind: string
{
    case Composite = 'composite';
    case MultiLayerSteel = 'multi-layer steel';
    case Copper = 'copper';

    /** The flatness overall that it still seals. */
    public function flatness(): Length
    {
        return Length::ofNanometres($this === self::Composite ? 76_200 : 50_800);
    }

    public function roughest(): Roughness
    {
        return Roughness::ofNanometres($this === self::MultiLayerSteel ? 800 : 3_200);
    }
}
