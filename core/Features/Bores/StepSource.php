<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Bores;

enum StepSource: string
{
    case Measured = 'measured';
    case Declared = 'declared';
    case Unknown = 'unknown';
}
