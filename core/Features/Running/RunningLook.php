<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Running;

/** What is seen of a running part. The value is its identity; what people read of it stands in `lang/`. */
enum RunningLook: string
{
    case Fine = 'fine';
    case Worn = 'worn';
    case WornOnOneSide = 'worn_on_one_side';
    case Pitted = 'pitted';
    case Scuffed = 'scuffed';
    case Scored = 'scored';
    case Cracked = 'cracked';
    case Bent = 'bent';
    case Mushroomed = 'mushroomed';
    case ThroughToCopper = 'through_to_copper';
    case Slack = 'slack';
}
