<?php

declare(strict_types=1);

namespace NorthLedger\Core\Features\Cracks;

/** A reading that was taken before a timer ended, or too long after (CRACK-2). */
enum TimingMark: string
{
    case Early = 'early';
    case Late = 'late';
}
