<?php

declare(strict_types=1);

namespace App\Record;

/** Where an offer stands. Only an open one can be answered. */
enum OfferState: string
{
    case Open = 'open';
    case Answered = 'answered';
    case Withdrawn = 'withdrawn';
    case Expired = 'expired';
    /** What it promises is not what would be promised now (PLAN-5). */
    case Stale = 'stale';
}
