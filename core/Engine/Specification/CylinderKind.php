<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** How the cylinders are made: bored in the block, lined with iron, or separate barrels that are replaced as a set. */
enum CylinderKind: string
{
    case InTheBlock = 'in the block';
    case IronLiners = 'iron liners';
    case Separate = 'separate';
}
