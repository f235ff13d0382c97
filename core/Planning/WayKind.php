<?php

declare(strict_types=1);

namespace NorthLedger\Core\Planning;

/** What a customer's way is among all plans (PLAN-4). */
enum WayKind: string
{
    case Recommended = 'recommended';
    case Cheapest = 'cheapest';
    case LongestLived = 'longest_lived';
}
