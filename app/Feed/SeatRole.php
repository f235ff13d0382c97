<?php

declare(strict_types=1);

namespace App\Feed;

/** What somebody does at a sheet that two work on. */
enum SeatRole: string
{
    case Caller = 'caller';
    case Writer = 'writer';
}
