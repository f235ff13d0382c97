<?php

declare(strict_types=1);

namespace App\Storage;

/** How the plan that was agreed last stands, as a job's row keeps it. */
enum Agreement: string
{
    /** Nothing was agreed yet. */
    case None = 'none';

    case Stands = 'stands';

    /** Something was found since, or the customer has not answered. */
    case Stopped = 'stopped';
}
