<?php

declare(strict_types=1);

namespace NorthLedger\Core\Finding;

/** What the customer says to what is theirs to decide: a repair, or a defect that may stay (CRACK-5, SLV-3). */
enum CustomerAnswer: string
{
    case Accepted = 'accepted';
    case Declined = 'declined';
}
