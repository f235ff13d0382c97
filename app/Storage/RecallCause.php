<?php

declare(strict_types=1);

namespace App\Storage;

/** What brought a released job up again. */
enum RecallCause: string
{
    case Gauge = 'gauge';
    case Specification = 'specification';
    case Claim = 'claim';
    case Other = 'other';
}
