<?php

declare(strict_types=1);

namespace NorthLedger\Core\Verification;

/** What a person says of a part that was only checked. */
enum PartAnswer: string
{
    case Accepted = 'accepted';
    /** With what is out or open, and a reason. */
    case AcceptedAsItIs = 'accepted_as_it_is';
    case Returned = 'returned';
}
