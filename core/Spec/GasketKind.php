<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

enum GasketKind: string
{
    case Composite = 'composite';
    case MultiLayerSteel = 'multi-layer steel';
    case Copper = 'copper';
}
