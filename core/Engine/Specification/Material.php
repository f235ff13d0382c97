<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Specification;

enum Material: string
{
    case GreyIron = 'grey iron';
    case Steel = 'steel';
    case Aluminium = 'aluminium';
    case Magnesium = 'magnesium';
}
