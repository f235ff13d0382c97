<?php

declare(strict_types=1);

namespace NorthLedger\Core\Spec;

enum Material: string
{
    case GreyIron = 'grey iron';
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Magnesium = 'magnesium';
}
