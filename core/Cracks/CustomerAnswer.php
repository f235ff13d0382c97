<?php

declare(strict_types=1);

namespace NorthLedger\Core\Cracks;

/** What the customer says to a repair that is theirs to decide (CRACK-5). */
enum CustomerAnswer: string
{
    case Accepted = 'accepted';
    case Declined = 'declined';
}
