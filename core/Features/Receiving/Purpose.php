<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Receiving;

/** What a job is for. */
enum Purpose: string
{
    case Rebuild = 'rebuild';
    /** Finished work of another shop, or new parts: accepted or returned, part by part, by the limits of new work. */
    case Check = 'check';
    /** What it is worth: wear is judged by the limits of service, and nothing of it is planned or worked here. */
    case Inspection = 'inspection';
}
