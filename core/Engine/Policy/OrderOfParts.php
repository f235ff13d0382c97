<?php

declare(strict_types=1);

namespace NorthLedger\Core\Engine\Policy;

/** Whether pistons and sleeves are ordered before the block is washed and read, or after (WORK-1a). */
enum OrderOfParts: string
{
    case AtOnce = 'at once';
    case MeasureFirst = 'measure first';

    public function explanation(): string
    {
        return match ($this) {
            self::AtOnce => 'As soon as the plan is agreed: they are there when the machine is.',
            self::MeasureFirst => 'Only once the block is washed: what a wash brings to light can change the size.',
        };
    }
}
