<?php

declare(strict_types=1);

namespace App\Sheets;

/** The two bore sheets of a job: as it came, and as it left the hone. */
enum SheetName: string
{
    case Incoming = 'incoming';
    case Finished = 'finished';
}
