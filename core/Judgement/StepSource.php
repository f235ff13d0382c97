<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

enum StepSource: string
{
    case Measured = 'measured';
    case Declared = 'declared';
    case Unknown = 'unknown';
}
