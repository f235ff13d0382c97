<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

enum ClaimMatch: string
{
    case Agrees = 'agrees';
    case Differs = 'differs';
    case NotChecked = 'not checked';
}
