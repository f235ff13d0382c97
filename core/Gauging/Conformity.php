<?php

declare(strict_types=1);

namespace NorthLedger\Core\Gauging;

enum Conformity: string
{
    case Conforms = 'conforms';
    case Fails = 'fails';
    case Undecided = 'undecided';
}
