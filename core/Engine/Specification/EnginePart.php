<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

/** The parts that are checked for cracks and judged on their own (VER-1). */
enum EnginePart: string
{
    case Block = 'block';
    case Cylinders = 'cylinders';
    case Head = 'head';
    case Crankshaft = 'crankshaft';
    case Rods = 'rods';
}
