<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** The schools of where in its range a journal is ground to (JRNL-4). */
enum GrindAim: string
{
    case Middle = 'middle';
    case High = 'high';
    case Low = 'low';
}
