<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Whether pistons and sleeves are ordered before the block is washed and read, or after (WORK-1a). */
enum OrderOfParts: string
{
    case AtOnce = 'at once';
    case MeasureFirst = 'measure first';
}
