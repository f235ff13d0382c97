<?php

declare(strict_types=1);

namespace NorthLedger\Core\Judgement;

enum Outcome: string
{
    case Pass = 'pass';
    case Fail = 'fail';
    case Undecided = 'undecided';
    case Missing = 'missing';
    case Concession = 'concession';
}
