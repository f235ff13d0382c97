<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Two schools of polishing journals (JRNL-7). */
enum MirrorFinish: string
{
    case Refused = 'refused';
    case Accepted = 'accepted';
}
