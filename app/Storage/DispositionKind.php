<?php

declare(strict_types=1);

namespace App\Storage;

enum DispositionKind: string
{
    case Rework = 'rework';
    case Concession = 'concession';
}
