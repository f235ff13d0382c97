<?php

declare(strict_types=1);

namespace App\Storage;

/** What somebody does at a simulated block. */
enum BlockEvent: string
{
    case Read = 'read';
    case Look = 'look';
    /** The gauge went back on its master. */
    case Check = 'check';
    /** Its zero was set again. */
    case Zero = 'zero';
}
