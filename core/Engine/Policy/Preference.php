<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** What a shop wins first when it recommends a size (BORE-11). */
enum Preference: string
{
    case Life = 'life';
    case Cost = 'cost';
    case Balanced = 'balanced';
}
