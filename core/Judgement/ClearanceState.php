<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

enum ClearanceState: string
{
    case Conforms = 'conforms';
    case Tight = 'tight';
    case Loose = 'loose';
}
