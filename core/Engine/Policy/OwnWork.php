<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Whether the person who did an operation may verify it (WORK-4). */
enum OwnWork: string
{
    case Warned = 'warned';
    case Forbidden = 'forbidden';
}
