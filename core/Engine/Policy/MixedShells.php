<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Whether the two half shells of a journal may be of two grades (JRNL-9). */
enum MixedShells: string
{
    case Alike = 'alike';
    case Mixed = 'mixed';
}
